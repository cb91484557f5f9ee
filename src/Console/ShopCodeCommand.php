<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Shop\FirstRun\OpenShop;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:code', 'Shows a new code by which the first manager opens the shop; the one before does not count any more')]
final class ShopCodeCommand extends Command
{
    public function __construct(private readonly OpenShop $shop)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return Given::told($output, fn (): string => $this->shop->code()->shown());
    }
}
