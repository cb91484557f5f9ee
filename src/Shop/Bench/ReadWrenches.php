<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Fastening\WrenchReading;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Shop\ShopSettings;
use Psr\Clock\ClockInterface;

/** What the digital torque wrenches read in the last minutes: `{"wrench": "TW-1", "torque": "24.3", "unit": "nm"}`. */
final readonly class ReadWrenches
{
    /** What is older belongs to another bolt. */
    private const SECONDS = 180;

    public function __construct(private WrenchDrop $drop, private ShopSettings $settings, private ClockInterface $clock)
    {
    }

    /** @return list<WrenchReading> the newest first; what is no reading is put aside */
    public function __invoke(): array
    {
        $readings = [];
        foreach ($this->drop->lately($this->clock->now()->modify(\sprintf('-%d seconds', self::SECONDS))) as $name => $content) {
            try {
                $readings[] = $this->read($name, $content);
            } catch (ExpectedError $error) {
                $this->drop->refused($name, $error->getMessage());
            }
        }

        return $readings;
    }

    /** @throws ExpectedError */
    private function read(string $name, string $content): WrenchReading
    {
        $at = Cursor::over(Json::read($content));
        $at->keys();
        $at->knowsOnly('wrench', 'torque', 'unit');
        [$id, $torque, $unit] = [$at->at('wrench')->string(20), $at->at('torque')->string(20), $at->at('unit')->string(10)];
        $at->flaws->throwIfAny();
        $wrench = array_values(array_filter(
            $this->settings->torqueWrenches(),
            static fn (TorqueWrench $each): bool => $id === $each->id,
        ))[0] ?? throw InvalidDocument::at('/wrench', 'The shop has no such wrench.');

        return new WrenchReading($name, $wrench, Torque::of($torque, TorqueUnit::of($unit)));
    }
}
