<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Settings\SaveSettings;
use FreshTack\Shop\Settings\Setting;
use FreshTack\Shop\Settings\SettingsPart;
use FreshTack\Shop\ShopSettings;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:set', 'Shows what the shop has set, or sets one thing: shop:set orders.roundTo 100')]
final class SetShopCommand extends Command
{
    public function __construct(private readonly ShopSettings $settings, private readonly SaveSettings $save)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'a part, such as season, or one thing of it, such as shop.phone')
            ->addArgument('value', InputArgument::OPTIONAL, 'as JSON; what is no JSON is a text; null: nothing');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $name = Given::text($input, 'name');
        $value = $input->getArgument('value');

        return Given::told($output, fn (): string => match (true) {
            '' === $name => implode("\n", array_merge(...array_map($this->shown(...), SettingsPart::cases()))),
            \is_string($value) => $this->set($name, $value),
            default => implode("\n", $this->shown($this->part($name))),
        });
    }

    /** @throws \FreshTack\Core\ExpectedError */
    private function set(string $name, string $typed): string
    {
        $part = $this->part($name);
        $key = explode('.', $name, 2)[1] ?? '';
        $now = $this->settings->part($part) ?? [];
        try {
            $value = Json::read($typed);
        } catch (InvalidDocument) {
            $value = $typed;
        }
        if ('' !== $key && !\array_key_exists($key, $now)) {
            $known = array_map(static fn (int|string $each): string => $part->value.'.'.$each, array_keys($now));
            throw InvalidDocument::at('', \sprintf('There is no %s. There are: %s.', $name, implode(', ', $known)));
        }
        $at = Cursor::over('' === $key ? $value : [...$now, $key => $value]);
        $kept = $part->read($at);
        $at->flaws->throwIfAny();
        ($this->save)($part, $kept, null, 'console');

        return implode("\n", $this->shown($part));
    }

    /** @throws InvalidDocument */
    private function part(string $name): SettingsPart
    {
        $parts = implode(', ', array_column(SettingsPart::cases(), 'value'));

        return SettingsPart::tryFrom(explode('.', $name)[0])
            ?? throw InvalidDocument::at('', \sprintf('There is no %s. The parts are: %s.', $name, $parts));
    }

    /** @return list<string> */
    private function shown(SettingsPart $part): array
    {
        $value = $this->settings->part($part);
        if (null === $value || array_is_list($value)) {
            return [\sprintf('%s = %s', $part->value, Json::encode($value))];
        }

        return array_map(static fn (int|string $key, mixed $each): string => rtrim(\sprintf(
            '%s.%s = %s%s',
            $part->value,
            $key,
            Json::encode($each),
            self::about($part, (string) $key),
        )), array_keys($value), $value);
    }

    private static function about(SettingsPart $part, string $key): string
    {
        $setting = SettingsPart::Orders === $part ? Setting::tryFrom($key) : null;

        return null === $setting ? '' : \sprintf(
            '   %s, %d to %d, usual %d. %s',
            $setting->unit(),
            $setting->least(),
            $setting->most(),
            $setting->standard(),
            $setting->why(),
        );
    }
}
