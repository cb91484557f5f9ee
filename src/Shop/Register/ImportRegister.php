<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Exchange\RegisterCsv;
use FreshTack\Exchange\RegisterRow;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/**
 * Owners, boats and engines from a CSV: first what it would give, then all of it or nothing. An owner is known by name, a
 * boat by owner and name, an engine by serial number; what is known already stays as it is.
 */
final readonly class ImportRegister
{
    public function __construct(
        private Register $register,
        private KeepCustomer $customers,
        private KeepBoat $boats,
        private KeepEngine $engines,
        private FitEngine $fit,
        private EnterReading $readings,
        private ImportRows $rows,
    ) {
    }

    /** @throws InvalidDocument|Conflict with every flaw, each naming its row */
    public function preview(string $csv, string $by): RegisterImport
    {
        return $this->rows->preview(RegisterCsv::read($csv), fn (RegisterRow $row): array => $this->row($row, $by), RegisterCsv::COLUMNS);
    }

    /** @throws InvalidDocument|Conflict with every flaw; nothing is written then */
    public function apply(string $csv, string $token, string $by): RegisterImport
    {
        return $this->rows->apply(
            RegisterCsv::read($csv),
            $token,
            fn (RegisterRow $row): array => $this->row($row, $by),
            RegisterCsv::COLUMNS,
        );
    }

    /**
     * @return list<string> what is new
     *
     * @throws NotFound|Conflict|InvalidDocument|DoubtfulReading
     */
    private function row(RegisterRow $row, string $by): array
    {
        [$owner, $newOwner] = $this->owner($row, $by);
        [$boat, $newBoat] = $this->boat($row, $owner, $by);
        $newEngine = $this->engine($row, $boat, $by);

        return array_values(array_filter([
            $newOwner ? 'owner '.$owner->name : null,
            $newBoat ? \sprintf('boat %s of %s', $boat->name, $owner->name) : null,
            $newEngine ? \sprintf('engine %s %s on %s', $row->engine->model, $row->engine->serial, $boat->name) : null,
        ], \is_string(...)));
    }

    /**
     * @return array{Customer, bool} and whether it is new
     *
     * @throws NotFound|Conflict
     */
    private function owner(RegisterRow $row, string $by): array
    {
        foreach ($this->register->customersLike($row->owner->name) as $known) {
            if (mb_strtolower($known->name) === mb_strtolower($row->owner->name)) {
                return [$known, false];
            }
        }

        return [$this->customers->add(new Customer(0, $row->owner->name, $row->owner->email, $row->owner->phone), $by), true];
    }

    /**
     * @return array{Boat, bool} and whether it is new
     *
     * @throws NotFound|Conflict
     */
    private function boat(RegisterRow $row, Customer $owner, string $by): array
    {
        foreach ($this->register->boatsOf($owner->id) as $known) {
            if (mb_strtolower($known->name) === mb_strtolower($row->boat->name)) {
                return [$known, false];
            }
        }
        $use = new BoatUse($row->boat->water, $row->boat->kept, $row->boat->commercial, $row->boat->months);
        $boat = new Boat(0, $row->boat->name, $row->boat->kind, $row->boat->registration, $owner, $use, [], 1);

        return [$this->boats->add($boat, $by), true];
    }

    /** @throws NotFound|Conflict|InvalidDocument|DoubtfulReading */
    private function engine(RegisterRow $row, Boat $boat, string $by): bool
    {
        $cells = $row->engine;
        $known = $this->register->engineWith($cells->serial);
        if (null !== $known) {
            if ($known->boatId !== $boat->id) {
                throw Conflict::serialTaken($cells->serial, null === $known->boatId ? null : $this->register->boat($known->boatId)->name);
            }

            return false;
        }
        $added = $this->engines->add(new Engine(
            0,
            null,
            null,
            $cells->model,
            $cells->serial,
            $cells->inService,
            true,
            $cells->year,
            $cells->gearcase,
            $cells->warrantyUntil,
        ), $by);
        $this->fit->hang($added->id, $boat->id, $cells->position, $cells->inService, false, $by);
        if (null !== $cells->hours && null !== $cells->hoursOn) {
            ($this->readings)($added->id, new NewReading($cells->hoursOn, $cells->hours, ReadingSource::File), $by);
        }

        return true;
    }
}
