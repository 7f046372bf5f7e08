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
