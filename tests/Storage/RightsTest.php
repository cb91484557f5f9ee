<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage;

use Doctrine\DBAL\Exception;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/** The application's own database user may change rows and nothing else. */
final class RightsTest extends KernelTestCase
{
    /** @return iterable<string, array{string}> */
    public static function forbidden(): iterable
    {
        yield 'a new table' => ['CREATE TABLE stray (id INT)'];
        yield 'a table dropped' => ['DROP TABLE audit_entry'];
        yield 'a table changed' => ['ALTER TABLE account ADD secret INT'];
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
