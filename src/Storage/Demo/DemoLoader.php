<?php

declare(strict_types=1);

namespace FreshTack\Storage\Demo;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\PartReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ModelReader;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Account\Pin;
use FreshTack\Shop\Account\Role;
use FreshTack\Shop\Parts\Catalogue;
use FreshTack\Shop\Stock\OilReader;
use FreshTack\Storage\Entity\EngineModelRecord;
use FreshTack\Storage\Entity\ShelfOilRecord;
use FreshTack\Storage\Entity\ShopRecord;
use Psr\Clock\ClockInterface;

/** Loads the demo shop from its files into an empty database. */
final readonly class DemoLoader
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Accounts $accounts,
        private SheetImporter $sheets,
        private RigImporter $rigs,
        private Catalogue $catalogue,
        private ClockInterface $clock,
        private string $projectDir,
    ) {
    }

    public function isEmpty(): bool
    {
        return null === $this->entities->find(ShopRecord::class, 1);
    }

    /**
     * @param \Closure(string): string $hash     makes a password's hash
     * @param \Closure(string): void   $progress told what comes next
     *
     * @throws ExpectedError if a file of the demo is flawed
     */
    public function load(\Closure $hash, \Closure $progress): void
    {
        $this->entities->wrapInTransaction(function () use ($hash, $progress): void {
            $progress('shop and accounts');
            $this->shop($hash);
            $progress('spec book');
            $this->book();
            $progress('stock');
            $this->stock();
            $progress('boats, engines, history');
            $this->rigs->import($this->cursor('rigs.json'));
        });
    }

    /**
     * @param \Closure(string): string $hash
     *
     * @throws ExpectedError
     */
    private function shop(\Closure $hash): void
    {
        $shop = $this->cursor('shop.json');
        $this->entities->persist(new ShopRecord(1, Json::encode($this->dated($shop->raw()))));
        $password = $shop->at('demoPassword')->string();
        $pin = Pin::chosen($shop->at('demoPin')->string())->hash();
        foreach ($shop->at('accounts')->list() as $account) {
            $this->accounts->add(new Account(
                $account->at('username')->string(),
                $account->at('name')->string(),
                $account->at('role')->enum(Role::class),
                $hash($password),
                !$account->at('lead')->isNull() && $account->at('lead')->bool(),
                $pin,
            ));
        }
        $shop->flaws->throwIfAny();
    }

    /**
     * Days ago become days, so that the demo never ages.
     *
     * @return array<mixed>
     */
    private function dated(mixed $shop): array
    {
        $shop = \is_array($shop) ? $shop : [];
        $wrenches = \is_array($shop['torqueWrenches'] ?? null) ? $shop['torqueWrenches'] : [];
        $shop['torqueWrenches'] = array_map(function (mixed $wrench): mixed {
            $ago = \is_array($wrench) ? $wrench['calibratedDaysAgo'] ?? null : null;

            return \is_array($wrench) && \is_int($ago) ? [...array_diff_key($wrench, ['calibratedDaysAgo' => 0]), 'calibratedOn' => $this->clock->now()->modify(\sprintf('-%d days', $ago))->format('Y-m-d')] : $wrench;
        }, $wrenches);

        return $shop;
    }

    /** @throws ExpectedError */
    private function book(): void
    {
        $models = $this->cursor('book/models.json');
        foreach (ModelReader::all($models) as $model) {
            $this->entities->persist(new EngineModelRecord($model->code, $model->maker, $model->cycle->value, implode(',', $model->serialPrefixes), $model->serialDigits));
        }
        $models->flaws->throwIfAny();
        foreach ($this->sheetFiles() as $file) {
            $this->sheets->import((string) file_get_contents($file));
        }
    }

    /** @throws ExpectedError */
    private function stock(): void
    {
        $stock = $this->cursor('stock.json');
        $parts = array_map($this->part(...), $stock->at('parts')->list(0, 10_000));
        $stock->flaws->throwIfAny();
        $this->catalogue->write($parts, static function (): void {});
        foreach ($stock->at('oils')->list() as $oil) {
            $read = OilReader::at($oil, $oil->at('id')->string());
            $stock->flaws->throwIfAny();
            $this->entities->persist(ShelfOilRecord::of($read));
        }
    }

    /**
     * Days of arrival are counted from today, so that they never lie behind.
     *
     * @throws ExpectedError
     */
    private function part(Cursor $part): CataloguePart
    {
        $document = \is_array($part->raw()) ? $part->raw() : [];
        $days = $document['arrivesInDays'] ?? null;
        $arrives = \is_int($days) ? $this->clock->now()->modify(\sprintf('+%d days', $days))->format('Y-m-d') : null;
        $dated = Cursor::over([...array_diff_key($document, ['arrivesInDays' => 0]), 'arrivesOn' => $arrives]);
        $read = PartReader::at($dated);
        $dated->flaws->throwIfAny();

        return $read;
    }

    /** @return list<string> */
    private function sheetFiles(): array
    {
        $files = glob($this->projectDir.'/demo/book/sheets/*.json');

        return false === $files ? [] : $files;
    }

    /** @throws ExpectedError */
    private function cursor(string $file): Cursor
    {
        return Cursor::over(Json::decode($this->text($file)));
    }

    private function text(string $file): string
    {
        $text = file_get_contents($this->projectDir.'/demo/'.$file);

        return false === $text ? throw new \RuntimeException('The demo file '.$file.' is missing.') : $text;
    }
}
