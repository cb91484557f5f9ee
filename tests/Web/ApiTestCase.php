<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Console\Demo\GoodDay;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;

/** Talks to the application as a client does, over the demo shop; every exchange is held against the API's description. */
abstract class ApiTestCase extends WebTestCase
{
    protected const PASSWORD = 'verrin-inlet';

    protected KernelBrowser $client;
    protected int $status = 0;

    protected function setUp(): void
    {
        $this->client = self::createClient();
        $this->client->disableReboot();
    }

    protected function signIn(string $username): void
    {
        $this->call('POST', '/api/sign-in', ['username' => $username, 'password' => self::PASSWORD]);
        self::assertSame(200, $this->status);
    }

    /**
     * @param array<mixed>|null     $body
     * @param array<string, string> $headers
     * @param bool                  $described whether the request itself is one that the API describes
     */
    protected function call(string $method, string $path, ?array $body = null, array $headers = ['HTTP_X-Fresh-Tack' => '1'], bool $described = true): Cursor
    {
        $text = null === $body ? '' : Json::encode([] === $body ? new \stdClass() : $body);
        $bare = explode('?', $path)[0];
        if ($described) {
            self::assertNull(OpenApi::load()->requestFlaw($method, $bare, $text));
        }
        $this->client->request($method, $path, [], [], ['CONTENT_TYPE' => 'application/json', ...$headers], $text);
        $response = $this->client->getResponse();
        $this->status = $response->getStatusCode();
        $answer = (string) $response->getContent();
        self::assertNull(OpenApi::load()->responseFlaw($method, $bare, $this->status, explode(';', (string) $response->headers->get('Content-Type'))[0], $answer));

        return Cursor::over(json_decode($answer, true));
    }

    /** Sends a file as the body of a request. */
    protected function upload(string $path, string $bytes, string $type): Cursor
    {
        $this->client->request('POST', $path, [], [], ['CONTENT_TYPE' => $type, 'HTTP_X-Fresh-Tack' => '1', 'HTTP_CONTENT_LENGTH' => (string) \strlen($bytes)], $bytes);
        $response = $this->client->getResponse();
        $this->status = $response->getStatusCode();
        $answer = (string) $response->getContent();
        self::assertNull(OpenApi::load()->responseFlaw('POST', explode('?', $path)[0], $this->status, explode(';', (string) $response->headers->get('Content-Type'))[0], $answer));

        return Cursor::over(json_decode($answer, true));
    }

    /** Fetches a file. */
    protected function download(string $path): string
    {
        $this->client->request('GET', $path);
        $this->status = $this->client->getResponse()->getStatusCode();
        self::assertStringStartsWith('attachment', (string) $this->client->getResponse()->headers->get('Content-Disposition'));

        return (string) $this->client->getResponse()->getContent();
    }

    protected function boatId(string $name): int
    {
        $id = $this->entities()->getConnection()->fetchOne('SELECT id FROM boat WHERE name = ?', [$name]);

        return is_numeric($id) ? (int) $id : throw new \LogicException("The demo has no boat $name.");
    }

    protected function entities(): EntityManagerInterface
    {
        $entities = self::getContainer()->get('doctrine.orm.entity_manager');
        self::assertInstanceOf(EntityManagerInterface::class, $entities);

        return $entities;
    }

    /**
     * A check-in as the form sends it, with all that the demo knows filled in.
     *
     * @param list<array<string, mixed>> $engines what differs, engine by engine
     *
     * @return array<string, mixed>
     */
    protected function draftFor(string $boat, array $engines = [], string $place = 'lift'): array
    {
        $draft = $this->call('GET', '/api/boats/'.$this->boatId($boat).'/check-in')->at('draft');
        $whole = $draft->raw();
        self::assertIsArray($whole);
        $filled = [];
        foreach ($draft->at('engines')->list() as $index => $engine) {
            $known = $engine->raw();
            self::assertIsArray($known);
            $filled[] = [...$known, ...($engines[$index] ?? [])];
        }

        /** @var array<string, mixed> $whole */
        return [...$whole, 'place' => $place, 'engines' => $filled];
    }

    /**
     * All answers of the shop's policy, these in place of those that it has.
     *
     * @param array<string, string> $change
     *
     * @return array<string, mixed>
     */
    protected function answers(array $change = []): array
    {
        $answers = [];
        foreach ($this->call('GET', '/api/policy/schools')->at('questions')->list() as $question) {
            $answers[$question->at('id')->string()] = $question->at('answer')->raw();
        }

        return [...$answers, ...$change];
    }

    /** @return array{int, array<string, mixed>, string} number, draft, version */
    protected function draftOfTwin(): array
    {
        $this->signIn('ines');
        $both = ['tasks' => ['engine_oil', 'oil_filter']];
        $draft = $this->draftFor('Brisk Tern', [['hours' => '611.4', ...$both], ['hours' => '598.0', ...$both]]);
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $draft);

        return [$file->at('number')->int(1, \PHP_INT_MAX), $draft, $file->at('version')->string()];
    }

    /**
     * Checks the water taxi in, picks oil and filter of both engines and issues the order.
     *
     * @return int its number
     */
    protected function issuedTwin(): int
    {
        $this->signIn('ines');
        $both = ['tasks' => ['engine_oil', 'oil_filter']];
        $file = $this->call(
            'POST',
            '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins?beside=1',
            $this->draftFor(
                'Brisk Tern',
                [['hours' => '611.4', 'reading' => '0.55', 'restMin' => 600, ...$both], ['hours' => '598.0', ...$both]],
            ),
        );
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        self::assertSame(200, $this->status);

        return $number;
    }

    /** Everything that comes before a step, entered by the technician, who stays signed in. */
    protected function workUntil(int $number, string $stepId): Cursor
    {
        $this->signIn('ada');
        $bench = $this->call('GET', "/api/orders/$number/bench");
        $this->holdParts($bench);
        $done = array_filter($bench->at('steps')->list(), static fn (Cursor $step): bool => true === $step->at('done')->raw());
        $entered = array_map(static fn (Cursor $step): string => $step->at('id')->string(), $done);
        $before = array_values(array_filter(
            GoodDay::before($bench, $stepId),
            static fn (array $entry): bool => !\in_array($entry['stepId'], $entered, true),
        ));
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => $before]);
        self::assertSame(200, $this->status);

        return $bench;
    }

    /** The bench of the same order with its whole job entered by the technician, who stays signed in. */
    protected function workedTwin(): Cursor
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');

        return $this->call(
            'POST',
            "/api/orders/$number/entries",
            ['entries' => $this->wholeJob($this->call('GET', "/api/orders/$number/bench"))],
        );
    }

    /** The same order let go. */
    protected function releasedTwin(): int
    {
        $bench = $this->workedTwin();
        $number = $bench->at('order')->at('number')->int(1, \PHP_INT_MAX);
        $this->call(
            'POST',
            "/api/orders/$number/release",
            ['version' => $bench->at('order')->at('version')->raw(), 'remark' => 'All well.', 'oil' => GoodDay::oilLeft($bench)],
        );
        self::assertSame(200, $this->status);

        return $number;
    }

    /**
     * @param array<string, mixed> $value
     *
     * @return array<string, mixed>
     */
    protected function entry(string $stepId, string $kind, array $value = [], ?string $corrects = null): array
    {
        return GoodDay::entry($stepId, $kind, $value, $corrects);
    }

    /** @return list<array<string, mixed>> after every part was held against its engine */
    protected function wholeJob(Cursor $bench): array
    {
        $this->holdParts($bench);

        return GoodDay::wholeJob($bench);
    }

    protected function holdParts(Cursor $bench): void
    {
        $number = $bench->at('order')->at('number')->int(1, \PHP_INT_MAX);
        foreach (GoodDay::parts($bench) as $part) {
            $this->call('POST', "/api/orders/$number/cart", $part);
            self::assertSame(200, $this->status);
        }
    }

    protected function step(Cursor $bench, string $id): Cursor
    {
        return array_values(array_filter($bench->at('steps')->list(), static fn (Cursor $step): bool => $id === $step->at('id')->raw()))[0];
    }

    /** @param array<string, mixed> ...$entries */
    protected function enter(int $number, array ...$entries): Cursor
    {
        return $this->call('POST', "/api/orders/$number/entries", ['entries' => array_values($entries)]);
    }

    /** @return list<string> pointers of the errors of the last answer */
    protected static function pointers(Cursor $problem): array
    {
        return array_map(static fn (Cursor $error): string => '' === $error->at('pointer')->raw() ? '' : $error->at('pointer')->string(), $problem->at('errors')->list());
    }
}
