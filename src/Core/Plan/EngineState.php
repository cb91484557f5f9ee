<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One engine at the bench, as the gates see it. It arrives whole, with oil, not running and free to start. */
final readonly class EngineState
{
    /** @param array<string, bool> $open gates that are not met, by their code */
    private function __construct(private array $open)
    {
    }

    public static function onArrival(): self
    {
        return new self([Gate::WaterSupplied->value => true, Gate::LockedOut->value => true, Gate::OldGasketSeen->value => true, Gate::Rested->value => true, Gate::CowlOff->value => true]);
    }

    /** An engine of which nothing is known: it meets no gate. */
    public static function unknown(): self
    {
        return new self(array_fill_keys(array_map(static fn (Gate $gate): string => $gate->value, Gate::cases()), true));
    }

    public function meets(Gate $gate): bool
    {
        return !isset($this->open[$gate->value]);
    }

    public function after(Effect $effect): self
    {
        return match ($effect) {
            Effect::WaterOn => $this->met(Gate::WaterSupplied),
            Effect::WaterOff => $this->unmet(Gate::WaterSupplied),
            Effect::LockedOut => $this->met(Gate::LockedOut)->unmet(Gate::NotLockedOut),
            Effect::LockoutLifted => $this->met(Gate::NotLockedOut)->unmet(Gate::LockedOut),
            Effect::Started => $this->unmet(Gate::NotRunning)->unmet(Gate::Rested),
            Effect::Stopped => $this->met(Gate::NotRunning),
            Effect::CowlOff => $this->met(Gate::CowlOff)->unmet(Gate::CowlShut),
            Effect::CowlOn => $this->met(Gate::CowlShut)->unmet(Gate::CowlOff),
            Effect::PanelOff => $this->unmet(Gate::PanelShut),
            Effect::PanelOn => $this->met(Gate::PanelShut),
            Effect::DrainOpened => $this->unmet(Gate::DrainShut)->unmet(Gate::OilInEngine),
            Effect::DrainClosed => $this->met(Gate::DrainShut),
            Effect::OilOut => $this->unmet(Gate::OilInEngine),
            Effect::SpillOpened => $this->unmet(Gate::SpillShut),
            Effect::SpillClosed => $this->met(Gate::SpillShut),
            Effect::FilterOff => $this->unmet(Gate::FilterFitted)->unmet(Gate::OldGasketSeen),
            Effect::OldGasketSeen => $this->met(Gate::OldGasketSeen),
            Effect::FilterOn => $this->met(Gate::FilterFitted),
            Effect::OilIn => $this->met(Gate::OilInEngine)->unmet(Gate::Rested),
            Effect::Rested => $this->met(Gate::Rested),
            Effect::LevelRead => $this,
        };
    }

    private function met(Gate $gate): self
    {
        return new self(array_diff_key($this->open, [$gate->value => true]));
    }

    private function unmet(Gate $gate): self
    {
        return new self([...$this->open, $gate->value => true]);
    }
}
