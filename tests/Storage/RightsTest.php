<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage;

use Doctrine\DBAL\Exception;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/** The application's own database user may change rows, only add to what is written for good, and do nothing else. */
final class RightsTest extends KernelTestCase
{
    /** @return iterable<string, array{string}> */
    public static function forbidden(): iterable
    {
        yield 'a new table' => ['CREATE TABLE stray (id INT)'];
        yield 'a table dropped' => ['DROP TABLE audit_entry'];
        yield 'a table changed' => ['ALTER TABLE account ADD secret INT'];
        yield 'a bench entry changed' => ["UPDATE bench_entry SET value = '{}'"];
        yield 'a bench entry removed' => ['DELETE FROM bench_entry'];
        yield 'the audit log changed' => ["UPDATE audit_entry SET detail = '{}'"];
        yield 'the audit log removed' => ['DELETE FROM audit_entry'];
        yield 'the record of a task changed' => ['UPDATE task_done SET tenths = 0'];
        yield 'the record of a task removed' => ['DELETE FROM task_done'];
        yield 'a table emptied' => ['TRUNCATE bench_entry'];
        yield 'the list of migrations read' => ['SELECT * FROM migration_version'];
        yield 'accounts of the database read' => ['SELECT * FROM mysql.global_priv'];
        yield 'a file written' => ["SELECT 1 INTO OUTFILE '/tmp/fresh-tack-stray'"];
    }

    #[DataProvider('forbidden')]
    public function testTablesAreNotItsBusiness(string $sql): void
    {
        $entities = self::getContainer()->get('doctrine.orm.entity_manager');
        self::assertInstanceOf(EntityManagerInterface::class, $entities);

        $this->expectException(Exception::class);
        $entities->getConnection()->executeStatement($sql);
    }
}
