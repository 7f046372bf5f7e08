<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;

/**
 * Connects to the first node of a replicated database that is in step with the others. All servers name the nodes in
 * one order, so that they write to the same one while it lives: two nodes would often be in each other's way.
 */
final class NodesConnector extends MariaDbConnector
{
    /** What is asked of a node: whether it takes part, and how many others do. */
    private const STATE = "SHOW GLOBAL STATUS WHERE Variable_name IN ('wsrep_ready', 'wsrep_local_state', ".
        "'wsrep_cluster_status', 'wsrep_cluster_size')";

    /** Galera's number for a node that has applied all that was written elsewhere. */
    private const SYNCED = '4';

    public function __construct(private readonly Nodes $nodes) {}

    /**
     * @param  array<mixed>  $config  `nodes`: addresses `host:port` with commas, none for `host` and `port`;
     *   `least_nodes`: how many must be in step before anything is written
     */
    public function connect(array $config): PDO
    {
        $addresses = self::addresses($config);
        if ($addresses === []) {
            return parent::connect($config);
        }
        $last = null;
        foreach ($this->nodes->order($addresses) as $address) {
            [$host, $port] = explode(':', $address) + [1 => '3306'];
            try {
                $pdo = parent::connect(['host' => $host, 'port' => $port, ...array_diff_key($config, [
                    'host' => 1, 'port' => 1,
                ])]);
                if ($this->nodes->isKnownInStep($address)) {
                    return $pdo;
                }
                if ($this->isInStep($pdo, $config)) {
                    $this->nodes->note($address, true);

                    return $pdo;
                }
                $last = new PDOException("SQLSTATE[08S01]: Communication link failure: 1047 The node $address is out ".
                    'of step.');
            } catch (PDOException $why) {
                $last = $why;
            }
            $this->nodes->note($address, false);
        }

        throw $last ?? new PDOException('SQLSTATE[HY000] [2002] No node was named.');
    }

    /**
     * How the connection is to speak is said as it is opened and holds as long as it does, so that a request which
     * finds it open says nothing more.
     *
     * @param  array<mixed>  $config  `charset`, `collation`, and `modes` as a list
     * @return array<mixed>
     */
    public function getOptions(array $config): array
    {
        $text = static fn (string $key): string => is_string($config[$key] ?? null) ? $config[$key] : '';
        $modes = array_filter((array) ($config['modes'] ?? []), is_string(...));

        return [PDO::MYSQL_ATTR_INIT_COMMAND => sprintf(
            "SET NAMES '%s' COLLATE '%s', SESSION sql_mode='%s'", $text('charset'), $text('collation'),
            implode(',', $modes),
        )] + parent::getOptions($config);
    }

    /** @param  array<mixed>  $config */
    protected function configureConnection(PDO $connection, array $config): void
    {
        // Done by getOptions().
    }

    /**
     * @param  array<mixed>  $config
     * @return list<string>
     */
    public static function addresses(array $config): array
    {
        $told = $config['nodes'] ?? null;

        return is_string($told) ? array_values(array_diff(array_map(trim(...), explode(',', $told)), [''])) : [];
    }

    /** @param  array<mixed>  $config */
    private function isInStep(PDO $pdo, array $config): bool
    {
        $asked = $pdo->query(self::STATE);
        /** @var array<string, string> $state */
        $state = $asked === false ? [] : $asked->fetchAll(PDO::FETCH_KEY_PAIR);
        $least = is_int($config['least_nodes'] ?? null) ? $config['least_nodes'] : 1;

        return ($state['wsrep_ready'] ?? '') === 'ON' && ($state['wsrep_local_state'] ?? '') === self::SYNCED &&
            ($state['wsrep_cluster_status'] ?? '') === 'Primary' && (int) ($state['wsrep_cluster_size'] ?? 0) >= $least;
    }
}
