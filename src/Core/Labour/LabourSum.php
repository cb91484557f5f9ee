<?php

declare(strict_types=1);

namespace FreshTack\Core\Labour;

use FreshTack\Core\Quantity\Minutes;

/** Minutes of an order, every opening counted once; sold in tenths of an hour, rounded once. */
final readonly class LabourSum
{
    /**
     * @param Minutes $handsOn    at work, of every person
     * @param Minutes $secondHand the part of it that is a second or third person's
     * @param Minutes $presence   by running engines; by those that run together counted once
     * @param Minutes $unattended going on by itself
     * @param bool    $sellsAll   whether a second person's minutes are sold
     * @param bool    $roundsUp   whether a tenth that was begun counts; else three minutes do
     */
    public function __construct(
        public Minutes $handsOn,
        public Minutes $secondHand,
        public Minutes $presence,
        public Minutes $unattended,
        public Allowance $allowance,
        public bool $sellsAll = true,
        public bool $roundsUp = true,
    ) {
    }

    /** Sold tenths of an hour, 6 min each, allowance included. */
    public function soldTenths(): int
    {
        $handsOn = $this->sellsAll ? $this->handsOn : $this->handsOn->beyond($this->secondHand);

        return intdiv($handsOn->plus($this->presence)->plus($this->allowance->minutes)->count + ($this->roundsUp ? 5 : 3), 6);
    }
}
