<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\TestCase;

/** Against the application as it is served, over rows that are kept: several processes, one database. */
abstract class ServedTestCase extends TestCase
{
    /** @var array<string, Person> */
    private static array $people = [];
    private static ?Connection $database = null;

    protected static function person(string $name): Person
    {
        return self::$people[$name] ??= Person::signedIn($name);
    }

    protected static function database(): Connection
    {
        return self::$database ??= DriverManager::getConnection(
            (new DsnParser(['mysql' => 'pdo_mysql']))->parse((string) getenv('DATABASE_URL')),
        );
    }

    protected static function number(string $sql, mixed ...$parameters): int
    {
        $number = self::database()->fetchOne($sql, array_values($parameters));

        return is_numeric($number) ? (int) $number : 0;
    }

    protected static function text(string $sql, mixed ...$parameters): string
    {
        $text = self::database()->fetchOne($sql, array_values($parameters));

        return \is_scalar($text) ? (string) $text : '';
    }

    /**
     * @param list<array{int, string}> $answers
     *
     * @return array<int, int> how many of each status
     */
    protected static function tally(array $answers): array
    {
        $tally = array_count_values(array_column($answers, 0));
        ksort($tally);

        return $tally;
    }

    /** @param list<array{int, string}> $answers */
    protected static function one(array $answers, int $status): string
    {
        foreach ($answers as [$each, $body]) {
            if ($each === $status) {
                return $body;
            }
        }
        self::fail("Nobody was answered with $status: ".print_r($answers, true));
    }

    /**
     * The form of a boat's check-in as it comes, with these hours on all its meters and these tasks on all its engines.
     *
     * @param list<string> $tasks
     *
     * @return array<string, mixed>
     */
    protected static function draft(int $boat, ?string $hours, array $tasks): array
    {
        $draft = self::person('ines')->does('GET', "/api/boats/$boat/check-in")->at('draft')->raw();
        \assert(\is_array($draft) && \is_array($draft['engines']));
        $engines = array_map(
            static fn (mixed $engine): array => [...(array) $engine, 'hours' => $hours, 'tasks' => $tasks],
            $draft['engines'],
        );

        return [
            'place' => 'lift',
            'coldestC' => $draft['coldestC'],
            'warmestC' => $draft['warmestC'],
            'complaint' => '',
            'engines' => $engines,
        ];
    }

    /**
     * @param list<string> $tasks
     *
     * @return Cursor the new order's file
     */
    protected static function checkedIn(int $boat, ?string $hours, array $tasks = ['engine_oil', 'oil_filter']): Cursor
    {
        return self::person('ines')->does('POST', "/api/boats/$boat/check-ins?beside=1", self::draft($boat, $hours, $tasks));
    }

    protected static function issued(int $boat, ?string $hours): int
    {
        $file = self::checkedIn($boat, $hours);
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        self::person('ines')->does('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);

        return $number;
    }
}
