<?php

declare(strict_types=1);

namespace App\Operations;

/** Figures as Prometheus reads them: its text format, version 0.0.4. */
final class PrometheusText
{
    public const TYPE = 'text/plain; version=0.0.4; charset=utf-8';

    private string $text = '';

    /** @param  array<string, string>  $labels */
    public static function series(string $name, array $labels): string
    {
        $written = [];
        foreach ($labels as $label => $value) {
            $written[] = sprintf('%s="%s"', $label, addcslashes(strtr($value, ["\n" => ' ']), '\\"'));
        }

        return $written === [] ? $name : sprintf('%s{%s}', $name, implode(',', $written));
    }

    /** @param  array<string, int|float>  $series  values by name and labels; those of one name stand together */
    public function add(string $name, string $type, string $help, array $series): self
    {
        if ($series === []) {
            return $this;
        }
        $this->text .= "# HELP pasada_$name $help\n# TYPE pasada_$name $type\n";
        foreach ($series as $key => $value) {
            $this->text .= sprintf("pasada_%s %s\n", $key, $value);
        }

        return $this;
    }

    public function written(): string
    {
        return $this->text;
    }
}
