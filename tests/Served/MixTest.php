<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use PHPUnit\Framework\Attributes\Depends;
use Symfony\Contracts\HttpClient\ResponseInterface;

/** All that changes something, in a random order, by two people at a time. The seed is told when it fails. */
final class MixTest extends ServedTestCase
{
    private const OPERATIONS = 800;
    private const OPERATIONS_LONG = 2_000;
    /** Entries are a log of their own; a reading, a part or a file that says what is known already changes nothing. */
    /** So often something is tried before it counts that it never went through. */
    private const TRIES = 12;
    private const MAY_SAY_NOTHING = ['entries', 'readings', 'reader', 'imports', 'fitting'];

    public function testNothingBreaksAndEveryChangeIsInTheTrail(): void
    {
        $long = '' !== (string) getenv('FRESH_TACK_LONG');
        $seed = (int) getenv('FRESH_TACK_SEED') + 20260318;
        $this->flagSomeOrders();
        $mix = new Mix(self::database(), self::person(...), $seed);
        $done = [];
        $broken = [];
        for ($pair = 0; $pair < ($long ? self::OPERATIONS_LONG : self::OPERATIONS) / 2; ++$pair) {
            $lines = self::number('SELECT COUNT(*) FROM audit_entry');
            $two = [$mix->next(), $mix->next()];
            $answers = Person::atOnce(array_map(
                static fn (array $each): \Closure => static function () use ($each): ResponseInterface {
                    [$name, $method, $path, $body] = $each;

                    return self::person($name)->press($method, $path, $body);
                },
                $two,
            ));
            $told = 0;
            foreach ($answers as $index => [$status, $body]) {
                [, $method, $path] = $two[$index];
                $verb = $method.' '.preg_replace(['#/sheets/[a-z0-9-]+#', '#/\d+#'], ['/sheets/S', '/N'], explode('?', $path)[0]);
                $done[$verb][$status] = ($done[$verb][$status] ?? 0) + 1;
                $broken = [...$broken, ...($status >= 500 && 502 !== $status ? ["$verb: $status $body"] : [])];
                $told += $status < 300
                    && [] === array_filter(self::MAY_SAY_NOTHING, static fn (string $quiet): bool => str_contains($path, $quiet))
                    ? 1
                    : 0;
            }
            self::assertGreaterThanOrEqual(
                $told,
                self::number('SELECT COUNT(*) FROM audit_entry') - $lines,
                "a change is not in the trail (seed $seed): ".json_encode([$two, $answers]),
            );
        }

        self::assertSame([], $broken, "seed $seed");
        $this->checkThatAllWasTried($done);
    }

    #[Depends('testNothingBreaksAndEveryChangeIsInTheTrail')]
    public function testTheTrailSaysWhatEverythingHasBecome(): void
    {
        $columns = [
            'orders' => "SELECT CONCAT('order ', number) AS subject, status FROM work_order WHERE number > 0",
            'sheets' => "SELECT CONCAT('sheet ', sheet_id, ' rev. ', revision) AS subject, status FROM spec_sheet",
            'flags' => "SELECT CONCAT('flag ', id) AS subject, COALESCE(decision, 'waiting') AS status FROM order_flag",
            'proposals' => "SELECT CONCAT('proposal ', id) AS subject, COALESCE(outcome, 'waiting') AS status FROM proposal",
            'refusals' => "SELECT CONCAT('refusal ', id) AS subject, IF(settled_by IS NULL, 'waiting', 'settled') AS status FROM refusal",
        ];
        foreach ($columns as $name => $sql) {
            $otherwise = self::database()->fetchAllAssociative(<<<SQL
                SELECT rows_now.subject, rows_now.status, last.changed_to FROM ($sql) rows_now
                JOIN (SELECT subject, MAX(id) AS id FROM audit_entry WHERE changed_to IS NOT NULL GROUP BY subject) newest
                    ON newest.subject = CONVERT(rows_now.subject USING utf8mb4) COLLATE utf8mb4_bin
                JOIN audit_entry last ON last.id = newest.id
                WHERE last.changed_to <> CONVERT(rows_now.status USING utf8mb4) COLLATE utf8mb4_unicode_ci
                SQL);

            self::assertSame([], $otherwise, $name);
        }
        self::assertSame(0, self::number('SELECT COUNT(*) FROM audit_entry a
            JOIN audit_entry b ON b.subject = a.subject AND b.changed_to IS NOT NULL
            AND b.id = (SELECT MAX(c.id) FROM audit_entry c WHERE c.subject = a.subject AND c.id < a.id AND c.changed_to IS NOT NULL)
            WHERE a.changed_from IS NOT NULL AND a.changed_from <> b.changed_to'), 'each goes on from where the one before it came to');
    }

    /** Three orders whose values the book has changed since. */
    private function flagSomeOrders(): void
    {
        for ($count = 0; $count < 3; ++$count) {
            self::issued(3, '900');
        }
        $draft = self::number("SELECT MAX(revision) FROM spec_sheet WHERE sheet_id = 'dunmarrow-d65' AND status = 'draft'");
        $sheet = "/api/book/sheets/dunmarrow-d65/$draft";
        // whoever entered its values does not review it
        foreach (['reviewed' => 6 === $draft ? 'mora' : 'teo', 'published' => 'mora'] as $to => $name) {
            self::person($name)->does(
                'POST',
                $sheet.'/status',
                ['version' => self::person($name)->does('GET', $sheet)->at('version')->raw(), 'to' => $to],
            );
        }
    }

    /** @param array<string, array<int, int>> $done */
    private function checkThatAllWasTried(array $done): void
    {
        ksort($done);
        $never = array_keys(array_filter(
            $done,
            static fn (array $statuses): bool => array_sum($statuses) >= self::TRIES
                && [] === array_filter(array_keys($statuses), static fn (int $status): bool => $status < 300),
        ));
        fwrite(\STDERR, '1' === getenv('FRESH_TACK_TELL') ? print_r(array_map(json_encode(...), $done), true) : '');

        self::assertSame([], $never, 'none of these ever succeeded: '.json_encode($done));
    }
}
