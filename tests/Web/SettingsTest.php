<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a shop sets once: kept part by part, refused at its field, and used by the next order. */
final class SettingsTest extends ApiTestCase
{
    public function testAPartIsKeptWithoutTouchingTheOthers(): void
    {
        $this->signIn('mora');
        $before = $this->call('GET', '/api/settings');
        $after = $this->keep('waste', ['engine_oil' => 'tank 2']);

        self::assertSame(200, $this->status);
        self::assertSame(['engine_oil' => 'tank 2'], $after->at('waste')->raw());
        foreach (['shop', 'orders', 'hours', 'season', 'wrenches', 'places'] as $part) {
            self::assertSame($before->at($part)->raw(), $after->at($part)->raw(), $part);
        }
    }

    public function testTwoAtOnceOverwriteNothing(): void
    {
        $this->signIn('mora');
        $version = $this->call('GET', '/api/settings')->at('version')->raw();
        $this->call('PUT', '/api/settings/places', ['value' => ['shop'], 'version' => $version]);
        self::assertSame(200, $this->status);
        $problem = $this->call('PUT', '/api/settings/waste', ['value' => ['engine_oil' => 'tank 3'], 'version' => $version]);

        self::assertSame(409, $this->status);
        self::assertSame('urn:fresh-tack:conflict.changed', $problem->at('type')->raw());
    }

    /** @return iterable<string, array{string, mixed, string}> part, value, pointer */
    public static function refused(): iterable
    {
        $week = [['08:00', '17:00'], null, null, null, null, null, null];
        yield 'a day that ends before it begins' => ['hours', ['week' => [['17:00', '08:00'], ...\array_slice($week, 1)], 'closed' => []], '/value/week/0/1'];
        yield 'no time of day' => ['hours', ['week' => [['8', '17:00'], ...\array_slice($week, 1)], 'closed' => []], '/value/week/0/0'];
        yield 'a day that does not exist' => ['hours', ['week' => $week, 'closed' => ['2026-02-30']], '/value/closed/0'];
        yield 'a month too few' => ['season', array_fill(0, 11, ['coldest' => 1, 'warmest' => 2]), '/value'];
        yield 'colder than the coldest' => ['season', array_fill(0, 12, ['coldest' => 3, 'warmest' => 2]), '/value/0/warmest'];
        yield 'a wrench twice' => ['wrenches', array_fill(0, 2, ['id' => 'A', 'fullScale' => ['value' => '50', 'unit' => 'nm'], 'calibratedOn' => '2026-01-01']), '/value/1/id'];
        yield 'a wrench of no size' => ['wrenches', [['id' => 'A', 'fullScale' => ['value' => 'much', 'unit' => 'nm'], 'calibratedOn' => '2026-01-01']], '/value/0/fullScale'];
        yield 'nowhere to work' => ['places', [], '/value'];
        yield 'more than all of it' => ['orders', ['prefersGrades' => [], 'firstPourPercent' => 101, 'reservePerEngine' => 250, 'roundTo' => 50, 'changeMin' => 2], '/value/firstPourPercent'];
    }

    #[DataProvider('refused')]
    public function testWhatCantBeIsToldAtItsField(string $part, mixed $value, string $pointer): void
    {
        $this->signIn('mora');
        $problem = $this->keep($part, $value);

        self::assertSame(422, $this->status);
        self::assertContains($pointer, self::pointers($problem));
    }

    public function testOnlyAManagerSetsAnything(): void
    {
        $this->signIn('ines');
        $this->keep('places', ['shop']);
        self::assertSame(403, $this->status);
        $this->call('GET', '/api/set-up');
        self::assertSame(200, $this->status, 'what is missing is for everybody to see');
    }

    public function testACheckInOffersThePlacesOfTheShopTheFirstToBeginWith(): void
    {
        $this->signIn('mora');
        $this->keep('places', ['lift', 'afloat']);
        $form = $this->call('GET', '/api/boats/'.$this->boatId('Mudlark').'/check-in');

        self::assertSame([['lift', 'afloat'], 'lift'], [$form->at('places')->raw(), $form->at('draft')->at('place')->raw()]);
    }

    public function testAnOilIsPutOnTheShelfChangedAndTakenOff(): void
    {
        $this->signIn('bram');
        $oil = [
            'product' => 'Skerry 5W-30', 'grade' => '5W-30', 'performanceClass' => 'VO-3', 'size' => ['value' => '1', 'unit' => 'us_qt'],
            'priceMinor' => 1090, 'inStock' => 3, 'opened' => ['value' => '0.25', 'unit' => 'us_qt'],
        ];
        $added = self::oil($this->call('POST', '/api/oils', $oil), 'skerry-5w-30-1us-qt');
        self::assertSame([201, 3, 1], [$this->status, $added->at('inStock')->raw(), $added->at('version')->raw()]);
        $this->call('POST', '/api/oils', [...$oil, 'priceMinor' => 1]);
        self::assertSame(409, $this->status, 'the same size stands there');

        $path = '/api/oils/skerry-5w-30-1us-qt';
        $changed = self::oil($this->call('PUT', $path, ['oil' => [...$oil, 'inStock' => null], 'version' => 1]), 'skerry-5w-30-1us-qt');
        self::assertSame([null, 2], [$changed->at('inStock')->raw(), $changed->at('version')->raw()]);
        $this->call('PUT', $path, ['oil' => $oil, 'version' => 1]);
        self::assertSame(409, $this->status);
        $problem = $this->call('PUT', $path, ['oil' => [...$oil, 'opened' => ['value' => '1.1', 'unit' => 'l']], 'version' => 2]);
        self::assertSame(422, $this->status);
        self::assertSame(['/oil/opened'], self::pointers($problem));
        $this->call('DELETE', $path.'?version=2');
        self::assertSame(200, $this->status);
        $this->call('DELETE', $path.'?version=2');
        self::assertSame(404, $this->status);
    }

    public function testALogoAndTheAddressStandOnTheOwnersRecord(): void
    {
        $number = $this->releasedTwin();
        $this->signIn('mora');
        $this->upload('/api/logo', 'no picture', 'application/octet-stream');
        self::assertSame(422, $this->status);
        $without = $this->record($number);
        ob_start();
        imagepng(imagecreatetruecolor(300, 90));
        $this->upload('/api/logo', (string) ob_get_clean(), 'application/octet-stream');
        self::assertSame(204, $this->status);
        $with = $this->record($number);

        self::assertSame([0, 1], [preg_match('~/Subtype\s*/Image~', $without), preg_match('~/Subtype\s*/Image~', $with)]);
        $this->call('DELETE', '/api/logo');
        self::assertSame(204, $this->status);
        self::assertSame($without, $this->record($number), 'as it was');
    }

    public function testWeeksAndFiguresAreThoseOfTheCountry(): void
    {
        $this->signIn('mora');
        // 18 March 2026 is a Wednesday: a week that begins on Monday ends on the 22nd, one that begins on Sunday on the 21st
        self::assertSame('2026-03-22', $this->endOfWeek());
        self::assertSame(['decimalComma' => false, 'customary' => false], $this->call('GET', '/api/shop')->at('figures')->raw());
        $shop = $this->call('GET', '/api/settings')->at('shop')->raw();
        self::assertIsArray($shop);
        $this->keep('shop', [...$shop, 'country' => 'US']);

        self::assertSame('2026-03-21', $this->endOfWeek());
        self::assertSame(['decimalComma' => false, 'customary' => true], $this->call('GET', '/api/shop')->at('figures')->raw());
    }

    private function endOfWeek(): string
    {
        return $this->call('GET', '/api/board')->at('dues')->at('weeks')->at(0)->at('to')->string();
    }

    private function record(int $number): string
    {
        $this->client->request('GET', "/api/orders/$number/record.pdf");

        return (string) $this->client->getResponse()->getContent();
    }

    private function keep(string $part, mixed $value): Cursor
    {
        $version = $this->call('GET', '/api/settings')->at('version')->raw();

        return $this->call('PUT', '/api/settings/'.$part, ['value' => $value, 'version' => $version], described: false);
    }

    private static function oil(Cursor $answer, string $id): Cursor
    {
        foreach ($answer->at('oils')->list() as $oil) {
            if ($id === $oil->at('id')->raw()) {
                return $oil;
            }
        }
        self::fail("There is no oil $id.");
    }

    public function testTheTrailTellsWhatStoodThereBefore(): void
    {
        $this->signIn('mora');
        $settings = $this->call('GET', '/api/settings');
        $orders = $settings->at('orders')->raw();
        self::assertIsArray($orders);
        $this->call('PUT', '/api/settings/orders', [
            'value' => [...$orders, 'changeMin' => 7],
            'version' => $settings->at('version')->raw(),
        ]);
        $line = $this->call('GET', '/api/trail')->at('lines')->at(0);

        self::assertSame('settings.orders', $line->at('action')->raw());
        self::assertSame(
            [['label' => 'Change of engine or place', 'before' => '2 min', 'after' => '7 min']],
            $line->at('changes')->raw(),
        );
    }
}
