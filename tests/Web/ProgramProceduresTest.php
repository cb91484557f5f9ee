<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\InstallProcedures;

/** The procedures of the program: what a shop has not changed follows the program, what it has changed is its own. */
final class ProgramProceduresTest extends ApiTestCase
{
    public function testAnOlderTextOfTheProgramIsBroughtUpToDate(): void
    {
        $older = '{"older": true}';
        $this->entities()->getConnection()->update('procedure_document', ['document' => $older, 'installed' => hash('sha256', $older)], ['id' => 'spark-plugs']);
        $this->entities()->clear();

        self::assertSame(['spark-plugs'], $this->install());
        self::assertSame([], $this->install(), 'once is enough');
        $this->signIn('ines');
        self::assertSame('program', $this->origin('spark-plugs'));
    }

    public function testWhatTheShopHasChangedStaysUntilAManagerTakesTheProgramsText(): void
    {
        $this->change('spark-plugs');
        self::assertSame([], $this->install());
        $this->signIn('ines');
        self::assertSame('changed', $this->origin('spark-plugs'));
        self::assertSame('program', $this->origin('engine-oil'));
        $path = '/api/procedures/spark-plugs/preview?sheet=dunmarrow-d65&revision=6';
        self::assertSame('Our own words.', $this->call('GET', $path)->at('aloud')->raw());
        self::assertNotSame('Our own words.', $this->call('GET', $path.'&ofProgram=true')->at('aloud')->raw());

        $this->call('POST', '/api/procedures/spark-plugs/of-program');
        self::assertSame(403, $this->status);
        $this->signIn('mora');
        $this->call('POST', '/api/procedures/spark-plugs/of-program');
        self::assertSame([200, 'program'], [$this->status, $this->origin('spark-plugs')]);
    }

    /** @return list<string> */
    private function install(): array
    {
        $install = self::getContainer()->get(InstallProcedures::class);
        self::assertInstanceOf(InstallProcedures::class, $install);

        return $install();
    }

    private function change(string $id): void
    {
        $connection = $this->entities()->getConnection();
        $text = $connection->fetchOne('SELECT document FROM procedure_document WHERE id = ?', [$id]);
        self::assertIsString($text);
        $document = Json::decode($text);
        self::assertIsArray($document);
        $connection->update('procedure_document', ['document' => Json::encode([...$document, 'aloud' => 'Our own words.'])], ['id' => $id]);
        $this->entities()->clear();
    }

    private function origin(string $id): mixed
    {
        $lines = $this->call('GET', '/api/procedures')->at('procedures')->list();

        return array_values(array_filter($lines, static fn (Cursor $line): bool => $id === $line->at('id')->raw()))[0]->at('origin')->raw();
    }
}
