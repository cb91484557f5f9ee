<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchPlanReader;
use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

/** The frozen order with what was entered so far. */
final readonly class OpenBench
{
    public function __construct(private Orders $orders, private ShopSettings $settings, private Today $today)
    {
    }

    /** @throws NotFound|Conflict if there is no such order, or it was not issued */
    public function __invoke(int $number): BenchView
    {
        return $this->of($this->orders->get($number));
    }

    /** @throws Conflict if the order was not issued */
    public function of(OrderFile $file): BenchView
    {
        $document = $file->issuedDocument();

        try {
            $plan = BenchPlanReader::read($document);

            return new BenchView(
                $file,
                $plan,
                BenchLog::replay($plan, $this->orders->entries($file->number)),
                new WrenchRules($this->settings->torqueWrenches(), ($this->today)()),
            );
        } catch (ExpectedError $error) {
            throw new \RuntimeException(\sprintf('Order %d does not replay: %s', $file->number, $error->getMessage()), 0, $error);
        }
    }
}
