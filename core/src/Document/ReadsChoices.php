<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

use BackedEnum;

/** How a Node reads one of a few values. */
trait ReadsChoices
{
    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     */
    public function asEnum(string $enum): BackedEnum
    {
        $case = is_string($this->value) ? $enum::tryFrom($this->value) : null;
        if ($case === null) {
            $known = array_map(static fn (BackedEnum $one): string => (string) $one->value, $enum::cases());
            $said = is_string($this->value) ? sprintf('"%s" is not known', $this->value) : 'asks for a text';
            $near = is_string($this->value) ? Spelling::nearest($this->value, $known) : null;
            $this->fault(
                $said.
                    ($near !== null ? sprintf('; did you mean "%s"?', $near) : '; it may be '.implode(', ', $known)),
            );

            return $enum::cases()[0];
        }

        return $case;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     */
    public function enum(string $key, string $enum): BackedEnum
    {
        return $this->child($key)->asEnum($enum);
    }

    /**
     * @template E of BackedEnum
     *
     * @param  E  $default
     * @return E
     */
    public function enumOr(string $key, BackedEnum $default): BackedEnum
    {
        return $this->has($key) ? $this->enum($key, $default::class) : $default;
    }

    /**
     * One of a few words that need no enum of their own.
     *
     * @template S of string
     *
     * @param  non-empty-list<S>  $choices
     * @param  S  $default
     * @return S
     */
    public function choiceOr(string $key, array $choices, string $default): string
    {
        if (! $this->has($key)) {
            return $default;
        }
        $said = $this->string($key);
        foreach ($choices as $choice) {
            if ($said === $choice) {
                return $choice;
            }
        }
        if ($said !== '') {
            $this->child($key)->fault(sprintf('"%s" is not known; it may be %s', $said, implode(', ', $choices)));
        }

        return $default;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return list<E>
     */
    public function enums(string $key, string $enum): array
    {
        return array_map(static fn (self $node): BackedEnum => $node->asEnum($enum), $this->nodesOr($key));
    }
}
