<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Contracts\HttpClient\HttpClientInterface;
use Symfony\Contracts\HttpClient\ResponseInterface;

/** Somebody signed in at the application as it is served, who may press several buttons at once. */
final readonly class Person
{
    public const PASSWORD = 'verrin-inlet';

    private function __construct(private HttpClientInterface $http, private string $cookie)
    {
    }

    public static function signedIn(string $name): self
    {
        $http = HttpClient::createForBaseUri((string) getenv('BASE_URL'), ['headers' => ['X-Fresh-Tack' => '1'], 'timeout' => 60], 16);
        $response = $http->request('POST', '/api/sign-in', ['json' => ['username' => $name, 'password' => self::PASSWORD]]);
        $cookies = $response->getHeaders()['set-cookie'] ?? [];

        return new self($http, explode(';', $cookies[0] ?? '')[0]);
    }

    /**
     * Sends it and waits for nothing.
     *
     * @param array<mixed>|string|null $body    a string goes as it is
     * @param array<string, string>    $headers
     */
    public function press(string $method, string $path, array|string|null $body = null, array $headers = []): ResponseInterface
    {
        $headers += ['Cookie' => $this->cookie, 'Content-Type' => 'application/json'];
        $text = \is_array($body) ? Json::encode([] === $body ? new \stdClass() : $body) : $body;

        return $this->http->request($method, $path, ['headers' => $headers, ...(null === $text ? [] : ['body' => $text])]);
    }

    /** @param array<mixed>|null $body */
    public function does(string $method, string $path, ?array $body = null): Cursor
    {
        $response = $this->press($method, $path, $body);
        $text = $response->getContent(false);
        $response->getStatusCode() < 300 || throw new \RuntimeException("$method $path: ".$text);

        return Cursor::over('' === $text ? [] : Json::decode($text));
    }

    /**
     * All of them sent before the first is waited for.
     *
     * @param list<\Closure(): ResponseInterface> $presses
     *
     * @return list<array{int, string}> status and body of each
     */
    public static function atOnce(array $presses): array
    {
        $answers = array_map(static function (\Closure $press): ResponseInterface {
            $answer = $press();
            // sends it on its way
            foreach (HttpClient::create()->stream($answer, 0.001) as $chunk) {
                // asked, so that it does not count as a failure
                $chunk->isTimeout();
                break;
            }

            return $answer;
        }, $presses);

        return array_map(static fn (ResponseInterface $answer): array => [$answer->getStatusCode(), $answer->getContent(false)], $answers);
    }
}
