<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OpenApi\Annotations\Property;
use OpenApi\Annotations\Schema;
use OpenApi\Generator;

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
            $this->line($same ? 'docs/openapi.json is up to date.' : 'docs/openapi.json is out of date: run php artisan pasada:openapi, then npm run api-types.');

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

        return $api->toJson(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /** A resource always carries every field it has, so none of them is optional to a reader. */
    private function requireAll(Schema $schema): void
    {
        if (Generator::isDefault($schema->required) && ! Generator::isDefault($schema->properties)) {
            $schema->required = array_map(static fn (Property $property): string => $property->property, array_values($schema->properties));
        }
    }
}
