<?php

declare(strict_types=1);

namespace App\Operations;

use App\Database\NodesConnector;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Database\ConnectionInterface;

/** How many nodes a replicated database should have, and how many are in step. */
final readonly class NodesInStep
{
    public function __construct(private ConnectionInterface $database, private Repository $settings) {}

    /** @return int none where the database is not replicated */
    public function wanted(): int
    {
        return count(NodesConnector::addresses((array) $this->settings->get('database.connections.mariadb')));
    }

    public function there(): int
    {
        /** @var list<object{Value: string}> $row */
        $row = $this->database->select("SHOW GLOBAL STATUS LIKE 'wsrep_cluster_size'");

        return (int) ($row[0]->Value ?? '0');
    }
}
