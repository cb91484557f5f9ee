<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use Doctrine\DBAL\Connection;
use FreshTack\Console\Demo\GoodDay;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Tests\Support\SpareSeal;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Things that people of a shop do, one after the other as the seed has it, with what they see at that moment: some
 * can't be done any more when they arrive, and some were never possible.
 */
final class Mix
{
    private const USE = [
        'water' => 'salt',
        'kept' => 'moored',
        'commercial' => false,
        'months' => [5, 6],
        'idling' => false,
        'silt' => false,
        'sharedLockout' => false,
        'separators' => null,
    ];
    private const TASKS = ['engine_oil', 'oil_filter', 'spark_plugs', 'gear_lubricant'];
    private const NO_SHEET = ['sheet_id' => 'none', 'revision' => '1', 'version' => '1'];
    private const TODAY = '2026-03-18';

    private Randomizer $random;
    private int $names = 0;

    /** @param \Closure(string): Person $person */
    public function __construct(private readonly Connection $database, private readonly \Closure $person, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return array{string, string, string, array<mixed>|string|null} who, method, path, body */
    public function next(): array
    {
        /** @var list<\Closure(): array{string, string, string, array<mixed>|string|null}> $all */
        $all = [
            $this->addCustomer(...), $this->changeCustomer(...), $this->removeCustomer(...), $this->addBoat(...),
            $this->changeBoat(...), $this->removeBoat(...),
            $this->addEngine(...), $this->changeEngine(...), $this->removeEngine(...), $this->fit(...),
            $this->takeOff(...), $this->read(...), $this->read(...),
            $this->askReader(...), $this->serve(...), $this->decline(...), $this->importHours(...), $this->checkIn(...),
            $this->checkIn(...), $this->saveDraft(...), $this->saveDraft(...),
            $this->fill(...), $this->issue(...), $this->issue(...), $this->tick(...), $this->tick(...), $this->tick(...),
            $this->wholeJob(...), $this->wholeJob(...), $this->release(...), $this->release(...), $this->cart(...),
            $this->startRevision(...), $this->editSheet(...), $this->moveSheet(...), $this->moveSheet(...),
            $this->removeDraft(...), $this->settleProposal(...), $this->settleRefusal(...), $this->decideFlag(...),
            $this->decideFlag(...),
            $this->duePolicy(...), $this->schools(...), $this->savePart(...), $this->importParts(...),
            $this->addModel(...), $this->calendar(...), $this->remind(...), $this->startSheet(...),
        ];

        return $all[$this->random->getInt(0, \count($all) - 1)]();
    }

    /** @return array{string, string, string, array<mixed>} */
    private function addCustomer(): array
    {
        return ['ines', 'POST', '/api/customers', ['name' => 'Owner '.$this->name(), 'email' => null, 'phone' => null]];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function changeCustomer(): array
    {
        $row = $this->row('SELECT id, version FROM customer');

        return [
            'ines',
            'PUT',
            '/api/customers/'.$row['id'],
            ['name' => 'Owner '.$this->name(), 'email' => 'a@b.example', 'phone' => null, 'version' => (int) $row['version']],
        ];
    }

    /** @return array{string, string, string, null} */
    private function removeCustomer(): array
    {
        return [
            'ines',
            'DELETE',
            '/api/customers/'.$this->row(
                'SELECT c.id FROM customer c LEFT JOIN boat b ON b.customer_id = c.id ORDER BY b.id, c.id LIMIT 8',
            )['id'],
            null,
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function addBoat(): array
    {
        return [
            'ines',
            'POST',
            '/api/boats',
            [
                'name' => 'Boat '.$this->name(),
                'kind' => 'x',
                'registration' => '',
                'customerId' => (int) $this->row('SELECT id FROM customer')['id'],
                'use' => self::USE,
            ],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function changeBoat(): array
    {
        $row = $this->row('SELECT id, version, name, customer_id FROM boat');
        $each = ['count' => 'each', 'element' => 'TW-4410', 'every' => ['hours' => '100', 'months' => 12]];
        $use = [...self::USE, 'silt' => $this->chance(50), 'separators' => $this->chance(50) ? $each : null];

        return [
            'ines',
            'PUT',
            '/api/boats/'.$row['id'],
            [
                'version' => (int) $row['version'],
                'name' => $row['name'],
                'kind' => 'x',
                'registration' => '',
                'customerId' => (int) $row['customer_id'],
                'use' => $use,
            ],
        ];
    }

    /** @return array{string, string, string, null} */
    private function removeBoat(): array
    {
        return ['ines', 'DELETE', '/api/boats/'.$this->row('SELECT id FROM boat')['id'], null];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function addEngine(): array
    {
        $serial = 'D12-7'.str_pad((string) $this->random->getInt(0, 40), 3, '0', \STR_PAD_LEFT);

        return [
            'ines',
            'POST',
            '/api/engines',
            [
                'model' => 'D12',
                'serial' => $serial,
                'inService' => '2024-01-01',
                'hasMeter' => true,
                'year' => null,
                'gearcase' => null,
                'warrantyUntil' => null,
            ],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function changeEngine(): array
    {
        $row = $this->row('SELECT id, version, model, serial, in_service FROM engine');
        $warranty = '2027-0'.$this->random->getInt(1, 9).'-01';

        return [
            'ines',
            'PUT',
            '/api/engines/'.$row['id'],
            [
                'version' => (int) $row['version'],
                'model' => $row['model'],
                'serial' => $row['serial'],
                'inService' => $row['in_service'],
                'hasMeter' => true,
                'year' => null,
                'gearcase' => null,
                'warrantyUntil' => $warranty,
            ],
        ];
    }

    /** @return array{string, string, string, null} */
    private function removeEngine(): array
    {
        return [
            'ines',
            'DELETE',
            '/api/engines/'.$this->row(
                $this->chance(60) ? 'SELECT id FROM engine WHERE boat_id IS NULL ORDER BY id DESC LIMIT 3' : 'SELECT id FROM engine',
            )['id'],
            null,
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function fit(): array
    {
        $position = ['single', 'port', 'starboard'][$this->random->getInt(0, 2)];

        return [
            'ines',
            'PUT',
            '/api/engines/'.$this->row('SELECT id FROM engine')['id'].'/fitting',
            [
                'boatId' => (int) $this->row('SELECT id FROM boat')['id'],
                'position' => $position,
                'on' => self::TODAY,
                'swap' => $this->chance(50),
            ],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function takeOff(): array
    {
        return [
            'ines',
            'POST',
            '/api/engines/'.$this->row('SELECT id FROM engine WHERE boat_id IS NOT NULL')['id'].'/taking-off',
            ['on' => self::TODAY],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function read(): array
    {
        $row = $this->row(
            'SELECT e.id, COALESCE(MAX(r.tenths), 0) AS tenths FROM engine e
             LEFT JOIN hour_reading r ON r.engine_id = e.id GROUP BY e.id',
        );
        $tenths = (int) $row['tenths'] + $this->random->getInt(0, 30);

        return [
            'ines',
            'POST',
            "/api/engines/$row[id]/readings",
            [
                'on' => self::TODAY,
                'hours' => intdiv($tenths, 10).'.'.$tenths % 10,
                'estimate' => $this->chance(20),
                'sure' => true,
                'newMeter' => null,
            ],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function askReader(): array
    {
        return [
            'ines',
            'POST',
            '/api/engines/'.$this->row(
                "SELECT id FROM engine WHERE serial IN ('D65-5201', 'KM2-7001', 'KT6-15101', 'KT6-15102', 'D65-4410')",
            )['id'].'/reader',
            ['sure' => true],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function serve(): array
    {
        return [
            'ines',
            'POST',
            '/api/engines/'.$this->row('SELECT id FROM engine')['id'].'/services',
            ['task' => $this->task(), 'action' => null, 'on' => self::TODAY, 'hours' => null, 'evidence' => 'invoice '.$this->name()],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function decline(): array
    {
        return [
            'ines',
            'POST',
            '/api/engines/'.$this->row('SELECT id FROM engine')['id'].'/refusals',
            ['task' => $this->task(), 'on' => self::TODAY, 'note' => 'next year'],
        ];
    }

    /** @return array{string, string, string, string} */
    private function importHours(): array
    {
        $row = $this->row(
            'SELECT e.serial, COALESCE(MAX(r.tenths), 0) AS tenths FROM engine e
             LEFT JOIN hour_reading r ON r.engine_id = e.id GROUP BY e.id',
        );

        return [
            'ines',
            'POST',
            '/api/hours/imports?apply=1',
            "serial,date,hours\n$row[serial],".self::TODAY.','.intdiv((int) $row['tenths'] + 9, 10).".9\n",
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function checkIn(): array
    {
        // often those whose sheets have a hole, or a newer revision that waits
        return $this->checkInOf(
            $this->chance(30)
                ? ['3', '3', '5'][$this->random->getInt(0, 2)]
                : $this->row('SELECT boat_id AS id FROM engine WHERE boat_id IS NOT NULL')['id'],
        );
    }

    /** @return array{string, string, string, array<mixed>} */
    private function checkInOf(string $boat): array
    {
        $draft = $this->seen('ines', "/api/boats/$boat/check-in")->at('draft')->raw();
        $engines = array_map(function (mixed $engine): array {
            $row = $this->database->fetchOne('SELECT MAX(tenths) FROM hour_reading WHERE engine_id = ?', [((array) $engine)['engineId']]);
            $tasks = array_values(array_unique([$this->task(), $this->task()]));

            return [...(array) $engine, 'hours' => is_numeric($row) ? intdiv((int) $row, 10).'.'.(int) $row % 10 : null, 'tasks' => $tasks];
        }, \is_array($draft) && \is_array($draft['engines']) ? $draft['engines'] : []);

        return [
            'ines',
            'POST',
            "/api/boats/$boat/check-ins".($this->chance(50) ? '?beside=1' : ''),
            [...(array) $draft, 'engines' => $engines],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function saveDraft(): array
    {
        $number = $this->order('draft', 5);
        $order = $this->seen('ines', "/api/orders/$number");

        return [
            'ines',
            'PUT',
            "/api/orders/$number/draft",
            [
                'version' => $order->at('order')->at('version')->raw(),
                'draft' => [...(array) $order->at('draft')->raw(), 'complaint' => $this->name()],
            ],
        ];
    }

    /** @return array{string, string, string, array<mixed>} the boat whose sheet has a hole is checked in for it */
    private function fill(): array
    {
        $number = $this->row("SELECT number FROM work_order WHERE boat_id = 5 AND status = 'draft'", ['number' => 'none'])['number'];
        if ('none' === $number) {
            return $this->checkInOf('5');
        }
        $order = $this->seen('mora', "/api/orders/$number");
        $engine = $order->at('draft')->at('engines')->at(0)->at('engineId')->raw();

        return [
            'mora',
            'POST',
            "/api/orders/$number/fills",
            [
                'version' => $order->at('order')->at('version')->raw(),
                'engineId' => $engine,
                'path' => 'oilFilter.tightening',
                'content' => ['kind' => 'turns_after_contact', 'min' => '3/4', 'max' => '1'],
                'document' => 'Book',
                'revision' => 'C',
                'page' => '2',
                'reason' => 'Here.',
            ],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function issue(): array
    {
        $row = $this->row("SELECT number, version FROM work_order WHERE status = 'draft' OR number % 7 = 0");

        return ['ines', 'POST', "/api/orders/$row[number]/issue", ['version' => "$row[number].$row[version]"]];
    }

    /** @return array{string, string, string, array<mixed>} mostly what comes next, sometimes what has to be refused */
    private function tick(): array
    {
        $number = $this->order('issued', 4);
        $steps = $this->stillToDo($this->seen('ada', "/api/orders/$number/bench"));
        $place = $this->chance(70) ? 0 : $this->random->getInt(0, max(0, \count($steps) - 1));

        return ['ada', 'POST', "/api/orders/$number/entries", ['entries' => [$steps[$place] ?? GoodDay::entry('none', 'tick')]]];
    }

    /**
     * The oldest order that was begun, or one untouched: its cart, then all that is left of it.
     *
     * @return array{string, string, string, array<mixed>}
     */
    private function wholeJob(): array
    {
        $begun = $this->database->fetchOne("SELECT MIN(number) FROM work_order WHERE status = 'in_work' AND steps_done < steps");
        $number = is_numeric($begun) && $this->chance(80) ? (int) $begun : $this->order('issued', 3);
        $bench = $this->seen('ada', "/api/orders/$number/bench");
        $held = array_map(
            static fn (Cursor $each): array => ['number' => $each->at('number')->raw(), 'engine' => $each->at('engine')->raw()],
            $this->seen('ada', "/api/orders/$number/cart")->at('confirmed')->list(),
        );
        foreach ($bench->at('document')->isNull() ? [] : GoodDay::parts($bench) as $part) {
            if (!\in_array($part, $held, true)) {
                return ['ada', 'POST', "/api/orders/$number/cart", $part];
            }
        }
        $steps = $this->stillToDo($bench);

        return ['ada', 'POST', "/api/orders/$number/entries", ['entries' => [] === $steps ? [GoodDay::entry('none', 'tick')] : $steps]];
    }

    /** @return list<array<string, mixed>> */
    private function stillToDo(Cursor $bench): array
    {
        if ($bench->at('document')->isNull() || $bench->at('steps')->isNull()) {
            return [];
        }
        $done = [];
        foreach ($bench->at('steps')->list() as $step) {
            $done[$step->at('id')->string()] = true === $step->at('done')->raw();
        }

        return array_values(array_filter(
            GoodDay::wholeJob($bench),
            static fn (array $entry): bool => 'part_used' === $entry['kind']
                || !\is_string($entry['stepId'])
                || true !== ($done[$entry['stepId']] ?? false),
        ));
    }

    /** @return array{string, string, string, array<mixed>} */
    private function release(): array
    {
        // left to chance alone nearly all orders that are tried have had one tick
        $number = $this->row(
            $this->chance(50)
                ? "SELECT number FROM work_order WHERE status = 'in_work' ORDER BY steps - steps_done, number LIMIT 1"
                : "SELECT number FROM work_order WHERE status IN ('in_work', 'stopped') OR number % 9 = 0",
        )['number'];
        $bench = $this->seen('ada', "/api/orders/$number/bench");
        $oil = $bench->at('pools')->isNull() ? [] : GoodDay::oilLeft($bench);

        return [
            'ada',
            'POST',
            "/api/orders/$number/release",
            ['version' => $bench->at('order')->at('version')->raw() ?? "$number.1", 'remark' => 'As it should be.', 'oil' => $oil],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function cart(): array
    {
        $part = $this->row('SELECT number FROM part')['number'];

        return ['bram', 'POST', '/api/orders/'.$this->order('issued', 3).'/cart', ['number' => $part, 'engine' => null]];
    }

    /** @return array{string, string, string, null} */
    private function startRevision(): array
    {
        return [$this->manager(), 'POST', '/api/book/sheets/'.$this->row('SELECT sheet_id FROM spec_sheet')['sheet_id'].'/revisions', null];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function startSheet(): array
    {
        $engines = ['maker' => 'Dunmarrow', 'models' => ['D12'], 'serials' => [['prefix' => 'D12-', 'from' => 9000, 'to' => 9000]]];

        return [$this->manager(), 'POST', '/api/book/sheets', ['id' => 'sheet-'.$this->random->getInt(1, 30), 'appliesTo' => $engines]];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function editSheet(): array
    {
        $row = $this->sheet("status = 'draft'");

        $values = $this->chance(50)
            ? ['engineOil.restAfterRun' => ['value' => $this->random->getInt(10, 40), 'unit' => 'min', 'source' => 'book', 'page' => '42']]
            : [];

        return [
            $this->manager(),
            'PUT',
            "/api/book/sheets/$row[sheet_id]/$row[revision]",
            ['version' => (int) $row['version'], 'note' => $this->name(), 'values' => (object) $values],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function moveSheet(): array
    {
        // a proposal that was taken stands in the draft of the sheet with the hole: published, there would be none to fill
        $row = $this->sheet("status IN ('draft', 'reviewed') AND sheet_id <> 'kestrane-k85'", always: true);
        $to = ['draft', 'reviewed', 'reviewed', 'published', 'published'][$this->random->getInt(0, 4)];

        return [
            $this->manager(),
            'POST',
            "/api/book/sheets/$row[sheet_id]/$row[revision]/status",
            ['version' => (int) $row['version'], 'to' => $to, 'reason' => 'as it is'],
        ];
    }

    /** @return array{string, string, string, null} */
    private function removeDraft(): array
    {
        $row = $this->sheet("status = 'draft'");

        return [$this->manager(), 'DELETE', "/api/book/sheets/$row[sheet_id]/$row[revision]?version=$row[version]", null];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function settleProposal(): array
    {
        return [$this->manager(), 'POST', '/api/proposals/'.$this->latest('proposal').'/settlement', ['take' => $this->chance(50)]];
    }

    /** @return array{string, string, string, null} */
    private function settleRefusal(): array
    {
        return [$this->manager(), 'POST', '/api/refusals/'.$this->latest('refusal').'/settlement', null];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function decideFlag(): array
    {
        return [
            $this->manager(),
            'POST',
            '/api/flags/'.$this->latest('order_flag').'/decision',
            ['renew' => $this->chance(50), 'reason' => 'as it is'],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function duePolicy(): array
    {
        return [
            'mora',
            'PUT',
            '/api/policy/due',
            [...(array) $this->seen('mora', '/api/policy/due')->raw(), 'windowDays' => $this->random->getInt(10, 60)],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function schools(): array
    {
        $policy = $this->seen('teo', '/api/policy/schools');
        $answers = [];
        foreach ($policy->at('questions')->list() as $question) {
            $answers[$question->at('id')->string()] = $question->at('answer')->raw();
        }

        return [
            'teo',
            'PUT',
            '/api/policy/schools',
            [
                'answers' => [...$answers, 'internal_anodes' => $this->chance(50) ? 'early_in_salt' : 'by_schedule'],
                'version' => $policy->at('version')->raw(),
            ],
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function savePart(): array
    {
        $number = 'QV-8'.$this->random->getInt(100, 120);
        $version = $this->database->fetchOne('SELECT version FROM part WHERE number = ?', [$number]);
        $part = [...SpareSeal::PART, 'number' => $number, 'description' => 'Seal '.$this->name()];

        return ['bram', 'PUT', '/api/catalogue/part', ['part' => $part, 'version' => is_numeric($version) ? (int) $version : null]];
    }

    /** @return array{string, string, string, string} */
    private function importParts(): array
    {
        return [
            'bram',
            'POST',
            '/api/catalogue/imports?apply=1',
            "number,description,maker,origin,pack_size,bin,in_stock,price\n"
                .'QV-8'.$this->random->getInt(100, 120).',Seal '.$this->name().",Kestrane,maker,1,A2,3,0.95\n",
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function addModel(): array
    {
        $code = 'M'.$this->random->getInt(1, 20);

        return [
            'mora',
            'POST',
            '/api/book/models',
            ['code' => $code, 'maker' => 'Kestrane', 'cycle' => 'four_stroke', 'serialPrefixes' => [$code.'-'], 'serialDigits' => 4],
        ];
    }

    /** @return array{string, string, string, null} */
    private function calendar(): array
    {
        return [
            'ines',
            'POST',
            $this->chance(50) ? '/api/calendar' : '/api/boats/'.$this->row('SELECT id FROM boat')['id'].'/calendar',
            null,
        ];
    }

    /** @return array{string, string, string, array<mixed>} */
    private function remind(): array
    {
        return [
            'ines',
            'POST',
            '/api/boats/'.$this->row('SELECT id FROM boat')['id'].'/reminder',
            ['channel' => $this->chance(50) ? 'email' : 'text', 'subject' => 'Service', 'body' => 'It is due.'],
        ];
    }

    private function seen(string $name, string $path): Cursor
    {
        $answer = ($this->person)($name)->press('GET', $path)->toArray(false);

        return Cursor::over($answer);
    }

    /** Of those that are in this state, or any, one of the newest. */
    private function order(string $status, int $newest): int
    {
        $where = $this->chance(90) ? "WHERE status = '$status'" : '';
        $numbers = $this->database->fetchFirstColumn("SELECT number FROM work_order $where ORDER BY number DESC LIMIT $newest");
        $number = [] === $numbers ? 1 : $numbers[$this->random->getInt(0, \count($numbers) - 1)];

        return is_numeric($number) ? (int) $number : 1;
    }

    /** @return array<string, string> */
    private function sheet(string $where, bool $always = false): array
    {
        if ($this->chance(40)) {
            return $this->row(
                "SELECT sheet_id, revision, version FROM spec_sheet WHERE sheet_id = 'dunmarrow-d65' AND $where",
                self::NO_SHEET,
            );
        }

        $isNarrowed = $always || $this->chance(90);

        return $this->row('SELECT sheet_id, revision, version FROM spec_sheet'.($isNarrowed ? " WHERE $where" : ''), self::NO_SHEET);
    }

    private function latest(string $table): int
    {
        $id = $this->database->fetchOne("SELECT COALESCE(MAX(id), 1) FROM $table");

        return max(1, (is_numeric($id) ? (int) $id : 1) - $this->random->getInt(0, 3));
    }

    /**
     * @param array<string, string> $else
     *
     * @return array<string, string>
     */
    private function row(
        string $sql,
        array $else = ['id' => '1', 'tenths' => '0', 'serial' => 'none', 'version' => '1', 'sheet_id' => 'none', 'number' => '1'],
    ): array {
        $rows = $this->database->fetchAllAssociative($sql.(str_contains($sql, 'GROUP BY') ? ' ORDER BY 1' : ''));
        $row = [] === $rows ? $else : $rows[$this->random->getInt(0, \count($rows) - 1)];

        return array_map(static fn (mixed $cell): string => \is_scalar($cell) ? (string) $cell : '', $row);
    }

    private function task(): string
    {
        return self::TASKS[$this->random->getInt(0, \count(self::TASKS) - 1)];
    }

    private function manager(): string
    {
        return $this->chance(50) ? 'mora' : 'teo';
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    private function name(): string
    {
        return 'N'.++$this->names;
    }
}
