<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Demo\DemoSchool;
use CurlHandle;
use RuntimeException;

/** One signed-in page on a kept connection, without a browser around it. */
final class ApiClient
{
    private readonly CurlHandle $curl;

    private string $token = '';

    public function __construct(private readonly string $url)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_HEADERFUNCTION => function (CurlHandle $curl, string $line): int {
                if (preg_match('/^Set-Cookie: XSRF-TOKEN=([^;]+)/i', $line, $found) === 1) {
                    $this->token = urldecode($found[1]);
                }

                return strlen($line);
            },
        ]);
    }

    public static function signedIn(string $url, string $email): self
    {
        $client = new self($url);
        $client->send('GET', '/session', null, 401);
        $client->send('POST', '/session', ['email' => $email, 'password' => DemoSchool::PASSWORD]);

        return $client;
    }

    /** @return array<string, string> by name, as they are written */
    public function cookies(): array
    {
        $cookies = [];
        /** @var list<string> $lines */
        $lines = curl_getinfo($this->curl, CURLINFO_COOKIELIST);
        foreach ($lines as $line) {
            $fields = explode("\t", $line);
            $cookies[$fields[5]] = $fields[6];
        }

        return $cookies;
    }

    /** @return list<string> what another connection has to send to be the same signed-in page */
    public function headers(): array
    {
        $cookies = array_map(
            static fn (string $name, string $value): string => "$name=$value",
            array_keys($this->cookies()),
            $this->cookies(),
        );

        return [
            'Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.$this->token,
            'Cookie: '.implode('; ', $cookies),
        ];
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<mixed>
     */
    public function send(string $method, string $path, ?array $body = null, int ...$accepted): array
    {
        curl_setopt($this->curl, CURLOPT_URL, $this->url.'/api/v1'.$path);
        curl_setopt($this->curl, CURLOPT_CUSTOMREQUEST, $method === '' ? 'GET' : $method);
        curl_setopt($this->curl, CURLOPT_POSTFIELDS, $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR));
        curl_setopt($this->curl, CURLOPT_HTTPHEADER, [
            'Accept: application/json',
            'Content-Type: application/json',
            'X-XSRF-TOKEN: '.$this->token,
        ]);
        $answer = curl_exec($this->curl);
        $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        if (! is_string($answer) || ! in_array($status, $accepted === [] ? [200, 201] : $accepted, true)) {
            throw new RuntimeException(
                "$method $path answered $status: ".(is_string($answer) ? substr($answer, 0, 300) : 'nothing'),
            );
        }
        $read = json_decode($answer, true);

        return is_array($read) ? $read : [];
    }

    /**
     * Whatever it is, as it is.
     *
     * @return array{int, string} status and body
     */
    public function raw(string $method, string $address, string $body): array
    {
        curl_setopt($this->curl, CURLOPT_URL, $this->url.'/'.ltrim($address, '/'));
        curl_setopt($this->curl, CURLOPT_CUSTOMREQUEST, $method === '' ? 'GET' : $method);
        curl_setopt($this->curl, CURLOPT_POSTFIELDS, $body);
        curl_setopt($this->curl, CURLOPT_HTTPHEADER, [
            'Accept: application/json',
            'Content-Type: application/json',
            'X-XSRF-TOKEN: '.$this->token,
        ]);
        $answer = curl_exec($this->curl);

        return [curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), is_string($answer) ? $answer : ''];
    }

    /**
     * The stored ids of a checklist and a vehicle by how their names start: what has which id is the database's affair.
     *
     * @return array{checklist_id: int, vehicle_id: int}
     */
    public function choice(string $checklist, string $vehicle): array
    {
        $choices = $this->send('GET', '/choices');

        return [
            'checklist_id' => self::named($choices['checklists'] ?? null, $checklist),
            'vehicle_id' => self::named($choices['vehicles'] ?? null, $vehicle),
        ];
    }

    private static function named(mixed $of, string $start): int
    {
        foreach (is_array($of) ? $of : [] as $one) {
            if (
                is_array($one) &&
                is_string($one['name']) &&
                is_int($one['id']) &&
                str_starts_with($one['name'], $start)
            ) {
                return $one['id'];
            }
        }
        throw new RuntimeException("There is no $start.");
    }
}
