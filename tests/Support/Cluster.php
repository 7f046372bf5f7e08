<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Database\Nodes;
use App\Database\NodesConnector;
use PDO;
use Symfony\Component\Process\Process;

/** The servers that ./pasada cluster up started, as a test sees them. */
final readonly class Cluster
{
    private function __construct(private string $folder) {}

    public static function here(): self
    {
        return new self(dirname(__DIR__, 2).'/var/cluster');
    }

    /** @param  string  $name  front, app1, app2 */
    public function url(string $name = 'front'): string
    {
        return 'http://127.0.0.1:'.$this->port($name);
    }

    /** A connection as the application opens it, with the nodes in this order. */
    public function connect(string ...$nodes): PDO
    {
        return (new NodesConnector(new Nodes))->connect([
            'nodes' => implode(',', array_map(fn (string $node): string => '127.0.0.1:'.$this->port($node), $nodes)),
            'least_nodes' => 2, 'database' => 'pasada', 'username' => 'pasada',
            'password' => (string) file_get_contents($this->folder.'/database.secret'),
            'charset' => 'utf8mb4', 'collation' => 'utf8mb4_unicode_ci', 'strict' => true,
            'options' => [PDO::ATTR_TIMEOUT => 2],
        ]);
    }

    public function port(string $name): int
    {
        return (int) file_get_contents("$this->folder/ports/$name");
    }

    /** What an operator's program brings. */
    public function token(): string
    {
        $settings = (string) file_get_contents(dirname($this->folder).'/.env');
        preg_match('/^PASADA_OPERATOR_TOKEN=(\w+)$/m', $settings, $found);

        return $found[1] ?? '';
    }

    /** Kills, hangs or starts one, and waits until that is done. */
    public function say(string $what, string $name): void
    {
        (new Process(['./pasada', 'cluster', $what, $name], dirname(__DIR__, 2), timeout: 120))->mustRun();
    }

    /** @return array{int, string} status and body of a GET */
    public function get(string $name, string $address, string ...$headers): array
    {
        $curl = curl_init($this->url($name).$address);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => array_values($headers)]);
        $body = curl_exec($curl);

        return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), is_string($body) ? $body : ''];
    }
}
