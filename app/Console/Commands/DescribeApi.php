<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OpenApi\Annotations\Property;
use OpenApi\Annotations\Schema;
use OpenApi\Generator;
use stdClass;

final class DescribeApi extends Command
{
    protected $signature = 'pasada:openapi {--check : only tell whether docs/openapi.json is up to date}';

    protected $description = 'Write the OpenAPI description of the API from the code';

    public function handle(): int
    {
        $file = base_path('docs/openapi.json');
        $json = $this->describe();
        if ($this->option('check') === true) {
            $same = is_file($file) && file_get_contents($file) === $json;
            $this->line(
                $same
                    ? 'docs/openapi.json is up to date.'
                    : 'docs/openapi.json is out of date: run php artisan pasada:openapi, then npm run api-types.',
            );

            return $same ? self::SUCCESS : self::FAILURE;
        }
        file_put_contents($file, $json);

        return self::SUCCESS;
    }

    private function describe(): string
    {
        $api = Generator::scan([app_path('Http')], ['version' => '3.1.0']);
        assert($api !== null);
        foreach ($api->components->schemas as $schema) {
            $this->requireAll($schema);
        }

        /** @var stdClass&object{components: stdClass&object{schemas: stdClass}} $description */
        $description = json_decode($api->toJson());
        // The page edits documents, so it wants their types, too: from the same schemas that are published.
        foreach (['ChecklistDocument' => 'checklist', 'VehicleDocument' => 'vehicle'] as $name => $file) {
            $description->components->schemas->{$name} = $this->documentSchema($file);
        }

        return json_encode(
            $description,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** A published schema with its own definitions put where they are referred to. */
    private function documentSchema(string $name): mixed
    {
        $schema = json_decode((string) file_get_contents(base_path("schemas/$name.schema.json")));
        assert($schema instanceof stdClass);
        $definitions = $schema->{'$defs'} ?? null;
        $definitions = $definitions instanceof stdClass ? $definitions : new stdClass;
        unset($schema->{'$defs'}, $schema->{'$schema'});

        return $this->inlined($schema, $definitions);
    }

    private function inlined(mixed $node, stdClass $definitions): mixed
    {
        if ($node instanceof stdClass && is_string($node->{'$ref'} ?? null)) {
            return $this->inlined($definitions->{basename($node->{'$ref'})}, $definitions);
        }
        if (is_array($node)) {
            return array_map(fn (mixed $one): mixed => $this->inlined($one, $definitions), $node);
        }
        if ($node instanceof stdClass) {
            $whole = new stdClass;
            foreach (get_object_vars($node) as $key => $value) {
                if ($key === 'anyOf') {
                    // "At least one of these" is for the reader of a file; as a type it would make nothing known.
                    continue;
                }
                $whole->{$key} = $this->inlined($value, $definitions);
            }

            return $whole;
        }

        return $node;
    }

    /** A resource always carries every field it has, so none of them is optional to a reader. */
    private function requireAll(Schema $schema): void
    {
        if (Generator::isDefault($schema->required) && ! Generator::isDefault($schema->properties)) {
            $schema->required = array_map(
                static fn (Property $property): string => $property->property,
                array_values($schema->properties),
            );
        }
    }
}
