<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Register\EngineReader;
use FreshTack\Shop\Register\ReaderReport;
use FreshTack\Shop\Register\ReaderTrouble;
use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\Exception\TimeoutExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/** Asks a reader over HTTP: `GET {address}/engines/{serial}`. The address is configuration; without one there is no reader. */
final readonly class HttpEngineReader implements EngineReader
{
    private const SECONDS = 4.0;
    private const LARGEST_BYTES = 200_000;

    public function __construct(private HttpClientInterface $http, private string $readerAddress)
    {
    }

    public function ask(string $serial): ReaderReport
    {
        if ('' === $this->readerAddress) {
            throw ReaderTrouble::down();
        }

        try {
            $answer = $this->http->request('GET', rtrim($this->readerAddress, '/').'/engines/'.rawurlencode($serial), ['timeout' => self::SECONDS, 'max_duration' => 2 * self::SECONDS, 'max_redirects' => 0]);
            $status = $answer->getStatusCode();
            $text = $answer->getContent(false);
        } catch (ExceptionInterface $error) {
            throw $error instanceof TimeoutExceptionInterface || preg_match('/timeout|duration/i', $error->getMessage()) > 0 ? ReaderTrouble::slow() : ReaderTrouble::down();
        }

        return match (true) {
            404 === $status => throw ReaderTrouble::unknown($serial),
            $status >= 500 => throw ReaderTrouble::down(),
            200 !== $status || \strlen($text) > self::LARGEST_BYTES => throw ReaderTrouble::nonsense(\sprintf('it answered with status %d and %d bytes.', $status, \strlen($text))),
            default => $this->read($text),
        };
    }

    /** @throws ReaderTrouble */
    private function read(string $text): ReaderReport
    {
        try {
            return ReaderReport::read($text);
        } catch (InvalidDocument $error) {
            throw ReaderTrouble::nonsense(lcfirst($error->flaws[0]->message));
        }
    }
}
