<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use FreshTack\Tests\Web\OpenApi;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whatever is sent, nothing breaks, nothing is half written, and what is refused says where and why. The routes are
 * those of docs/api/openapi.yaml; bodies are what people could send at that moment, or what the description allows,
 * with something changed in them.
 */
final class FuzzTest extends ServedTestCase
{
    private const INPUTS = 3_000;
    private const INPUTS_LONG = 50_000;
    /** The worker fills these whenever it likes; the others count who asks. */
    private const RESTLESS = [
        'due_line',
        'engine_due',
        'due_day',
        'due_stale',
        'background_message',
        'login_failure',
        'migration_version',
        'engine',
    ];
    /** These end or begin a session, and with it the test. */
    private const LEFT_OUT = ['POST /api/sign-in', 'DELETE /api/session'];

    private Randomizer $random;
    private Hostile $hostile;
    private Mix $mix;
    /** @var list<string> */
    private array $tables = [];

    protected function setUp(): void
    {
        $seed = (int) getenv('FRESH_TACK_SEED') + 20260318;
        $this->random = new Randomizer(new Mt19937($seed));
        $this->hostile = new Hostile($this->random);
        $this->mix = new Mix(self::database(), self::person(...), $seed);
        $this->tables = array_values(array_diff(
            array_filter(self::database()->fetchFirstColumn('SHOW TABLES'), \is_string(...)),
            self::RESTLESS,
        ));
    }

    public function testNothingBreaksNothingIsHalfWrittenAndRefusalsSayWhere(): void
    {
        $operations = array_values(array_diff(OpenApi::load()->operations(), self::LEFT_OUT));
        $wrong = [];
        $seen = [];
        $inputs = '' === (string) getenv('FRESH_TACK_LONG') ? self::INPUTS : self::INPUTS_LONG;
        for ($input = 0; $input < $inputs; ++$input) {
            [$method, $path, $body] = $this->input($operations[$input % \count($operations)]);
            $before = $this->sums();
            $response = self::person('mora')->press($method, $path, $body, 'GET' === $method ? [] : ['Content-Type' => 'application/json']);
            [$status, $answer] = [$response->getStatusCode(), $response->getContent(false)];
            $type = explode(';', $response->getHeaders(false)['content-type'][0] ?? '')[0];
            $seen[$status] = ($seen[$status] ?? 0) + 1;
            $flaw = $this->flaw($method, $path, $status, $type, $answer)
                ?? ($status >= 400 && $before !== $this->sums() ? 'refused, and something was written' : null);
            if (null !== $flaw) {
                $wrong[] = \sprintf(
                    "%s %s %s\n  -> %d %s\n  %s",
                    $method,
                    mb_strimwidth($path, 0, 160, '…'),
                    mb_strimwidth(mb_scrub((string) $body), 0, 700, '…'),
                    $status,
                    mb_strimwidth($answer, 0, 300, '…'),
                    $flaw,
                );
                if ('1' === getenv('FRESH_TACK_TELL')) {
                    fwrite(\STDERR, end($wrong)."\n");
                }
            }
        }
        if ('1' === getenv('FRESH_TACK_TELL')) {
            ksort($seen);
            fwrite(\STDERR, json_encode($seen)."\n");
        }

        self::assertSame([], \array_slice($wrong, 0, 8), \count($wrong).' of '.$inputs.' inputs');
    }

    /** @return array{string, string, string|null} */
    private function input(string $operation): array
    {
        [$method, $template] = explode(' ', $operation, 2);
        if ('GET' !== $method && $this->random->getInt(1, 100) <= 60) {
            [, $method, $path, $body] = $this->mix->next();

            return [$method, $path, 'DELETE' === $method ? null : $this->hostile->body($body)];
        }
        $path = (string) preg_replace_callback('/\{(\w+)\}/', fn (array $found): string => $this->segment($found[1]), $template);
        $query = [];
        foreach (OpenApi::load()->queryNames($method, $template) as $name) {
            if ($this->random->getInt(1, 100) <= 70) {
                $query[] = $name.($this->random->getInt(1, 100) <= 5 ? '[]' : '').'='.$this->hostile->word();
            }
        }
        $schema = OpenApi::load()->example($method, $template, $this->random);

        return [
            $method,
            $path.([] === $query ? '' : '?'.implode('&', $query)),
            'GET' === $method || 'DELETE' === $method ? null : $this->hostile->body($schema),
        ];
    }

    private function segment(string $name): string
    {
        if ($this->random->getInt(1, 100) <= 15) {
            return $this->hostile->word();
        }

        return match ($name) {
            'number' => (string) $this->random->getInt(2400, 2420),
            'id' => $this->random->getInt(0, 1) > 0 ? (string) $this->random->getInt(1, 25) : 'dunmarrow-d65',
            'revision' => (string) $this->random->getInt(1, 8),
            'what' => 'sheet',
            'lane' => 'counter',
            default => 'a-token',
        };
    }

    private function flaw(string $method, string $path, int $status, string $type, string $answer): ?string
    {
        if ($status >= 500 && !\in_array($status, [502, 503], true)) {
            return 'broken';
        }
        if ($status < 400) {
            return null;
        }
        $problem = json_decode($answer, true);
        if (
            'application/problem+json' !== $type
            || !\is_array($problem)
            || !\is_string($problem['detail'] ?? null)
            || '' === $problem['detail']
        ) {
            return 'no problem document';
        }
        if (str_contains($answer, 'SQLSTATE') || str_contains($answer, '.php')) {
            return 'tells what stands behind it';
        }
        foreach (\is_array($problem['errors'] ?? null) ? $problem['errors'] : [] as $error) {
            if (!\is_array($error) || !\is_string($error['pointer'] ?? null) || '' === ($error['detail'] ?? '')) {
                return 'an error without its field or its word';
            }
        }
        $pointers = array_map(json_encode(...), \is_array($problem['errors'] ?? null) ? $problem['errors'] : []);

        return $pointers === array_unique($pointers) ? null : 'the same is said twice';
    }

    /** @return list<string> */
    private function sums(): array
    {
        $rows = self::database()->fetchAllNumeric('CHECKSUM TABLE '.implode(', ', $this->tables));

        // the worker takes its turn at engines too, and changes nothing else of them
        $rows[] = self::database()->fetchNumeric(
            "SELECT COUNT(*), BIT_XOR(CRC32(CONCAT_WS(
                '|', id, COALESCE(boat_id, 0), COALESCE(position, ''), model, serial, in_service, has_meter, version
            ))) FROM engine",
        );

        return array_map(static fn (mixed $row): string => json_encode($row, \JSON_THROW_ON_ERROR), $rows);
    }
}
