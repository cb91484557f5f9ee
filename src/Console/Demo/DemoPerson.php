<?php

declare(strict_types=1);

namespace FreshTack\Console\Demo;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Web\DemoClock;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/** Whoever sits at a screen of the served demo; one at a time. */
final class DemoPerson
{
    private string $cookie = '';
    /** When they do it; null: now. */
    public ?\DateTimeImmutable $at = null;

    public function __construct(
        private readonly HttpClientInterface $client,
        private readonly string $address,
        private readonly string $password,
    ) {
    }

    public function signIn(string $username): void
    {
        $this->cookie = '';
        $this->call('POST', '/api/sign-in', ['username' => $username, 'password' => $this->password]);
    }

    public function boat(string $name): ?int
    {
        foreach ($this->call('GET', '/api/search?q='.rawurlencode($name))->at('boats')->list() as $boat) {
            if ($name === $boat->at('name')->raw()) {
                return $boat->at('boatId')->int(1, \PHP_INT_MAX);
            }
        }

        return null;
    }

    /** Takes a table in, all of it. */
    public function takeIn(string $path, string $csv): void
    {
        $this->asked('POST', $path.'?apply=true', $csv, 'text/csv');
    }

    /**
     * @param array<mixed>|null $body
     *
     * @throws \RuntimeException if the shop refuses it
     */
    public function call(string $method, string $path, ?array $body = null): Cursor
    {
        return $this->asked($method, $path, null === $body ? '' : Json::encode($body), 'application/json');
    }

    private function asked(string $method, string $path, string $body, string $type): Cursor
    {
        $response = $this->client->request($method, $this->address.$path, [
            'headers' => [
                'X-Fresh-Tack' => '1',
                'Content-Type' => $type,
                'Cookie' => $this->cookie,
                'Idempotency-Key' => bin2hex(random_bytes(16)),
                ...(null === $this->at ? [] : [DemoClock::HEADER => $this->at->format('Y-m-d\TH:i:s\Z')]),
            ],
            'body' => $body,
        ]);
        $content = $response->getContent(false);
        if ($response->getStatusCode() >= 300) {
            throw new \RuntimeException(\sprintf('%s %s: %d %s', $method, $path, $response->getStatusCode(), $content));
        }
        foreach ($response->getHeaders(false)['set-cookie'] ?? [] as $cookie) {
            $this->cookie = explode(';', $cookie)[0];
        }

        return Cursor::over(json_decode($content, true));
    }
}
