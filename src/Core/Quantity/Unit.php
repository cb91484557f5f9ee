<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\BigRational;

/** Every unit that files and commands name by a code. A value in it is `(value + offset) × factor` in its kind's base unit. */
final readonly class Unit
{
    private const OTHERS = ['mm' => [UnitKind::Length, '1', '0'], 'in' => [UnitKind::Length, '25.4', '0'], 'c' => [UnitKind::Temperature, '1', '0'], 'f' => [UnitKind::Temperature, '5/9', '-32'], 'min' => [UnitKind::Time, '1', '0'], 'h' => [UnitKind::Time, '60', '0']];

    private function __construct(public string $code, public UnitKind $kind, private string $factor, private string $offset)
    {
    }

    /** @throws InvalidQuantity if the code is none of ours */
    public static function of(string $code): self
    {
        $volume = VolumeUnit::tryFrom($code);
        $torque = TorqueUnit::tryFrom($code);
        $mass = MassUnit::tryFrom($code);
        $other = self::OTHERS[$code] ?? null;

        return match (true) {
            null !== $volume => new self($code, UnitKind::Volume, $volume->millilitres(), '0'),
            null !== $torque => new self($code, UnitKind::Torque, $torque->newtonMetres(), '0'),
            null !== $mass => new self($code, UnitKind::Mass, $mass->kilograms(), '0'),
            null !== $other => new self($code, ...$other),
            default => throw InvalidQuantity::unknownUnit($code, ...self::codes()),
        };
    }

    /** @return list<string> */
    public static function codes(): array
    {
        return [...array_column(VolumeUnit::cases(), 'value'), ...array_column(TorqueUnit::cases(), 'value'), ...array_column(MassUnit::cases(), 'value'), ...array_keys(self::OTHERS)];
    }

    public function toBase(BigRational $value): BigRational
    {
        return $value->plus($this->offset)->multipliedBy($this->factor);
    }

    public function fromBase(BigRational $base): BigRational
    {
        return $base->dividedBy($this->factor)->minus($this->offset);
    }
}
