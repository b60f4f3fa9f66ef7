<?php

declare(strict_types=1);

namespace Tests\Support;

use CurlHandle;

/** A browser without a screen: it keeps its cookies and sends back the token it was given. */
final class Visitor
{
    /** @var array<string, string> */
    private array $cookies = [];

    public int $status = 0;

    /** @var array<string, list<string>> */
    public array $headers = [];

    public function __construct(private readonly string $address, private readonly string $agent = 'Mozilla/5.0 (X11; Linux) Firefox/130')
    {
    }

    public function enterDemo(): self
    {
        $this->get('/sign-in');
        $this->ask('POST', '/sign-in/demo');

        return $this;
    }

    public function get(string $path): mixed
    {
        return $this->ask('GET', $path);
    }

    /**
     * @param array<string, mixed>|null $body
     * @param list<string> $headers
     */
    public function ask(string $method, string $path, ?array $body = null, array $headers = []): mixed
    {
        $curl = $this->prepared($method, $path, $body, $headers);
        $answer = curl_exec($curl);

        return $this->taken($curl, is_string($answer) ? $answer : '');
    }

    /**
     * A request to be sent together with others.
     *
     * @param array<string, mixed>|null $body
     * @param list<string> $headers
     */
    public function prepared(string $method, string $path, ?array $body = null, array $headers = []): CurlHandle
    {
        $this->headers = [];
        $curl = curl_init($this->address . $path);
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method ?: null,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_USERAGENT => $this->agent ?: 'A browser',
            CURLOPT_TIMEOUT => 120,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: ' . $this->token(), 'Cookie: ' . $this->cookieLine(), ...$headers],
            CURLOPT_HEADERFUNCTION => function (CurlHandle $curl, string $line): int {
                if (str_contains($line, ':')) {
                    [$name, $value] = explode(':', $line, 2);
                    $this->headers[strtolower($name)][] = trim($value);
                }

                return strlen($line);
            },
        ]);
        if ($body !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode($body, JSON_THROW_ON_ERROR));
        }

        return $curl;
    }

    public function taken(CurlHandle $curl, string $answer): mixed
    {
        $this->status = curl_getinfo($curl, CURLINFO_HTTP_CODE);
        foreach ($this->headers['set-cookie'] ?? [] as $line) {
            [$name, $value] = explode('=', (string) strtok($line, ';'), 2);
            $this->cookies[$name] = $value;
        }

        return json_decode($answer, true) ?? $answer;
    }

    /** Cookies as a browser sends them to every port of a host. */
    public function alsoWith(self $other): self
    {
        $this->cookies += $other->cookies;

        return $this;
    }

    private function token(): string
    {
        foreach ($this->cookies as $name => $value) {
            if (str_ends_with($name, '_token')) {
                return urldecode($value);
            }
        }

        return '';
    }

    private function cookieLine(): string
    {
        return implode('; ', array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($this->cookies), $this->cookies));
    }
}
