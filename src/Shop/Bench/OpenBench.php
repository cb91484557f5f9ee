<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\Claims;
use FreshTack\Core\Bench\HeldParts;
use FreshTack\Core\Bench\IssuedOrderReader;
use FreshTack\Core\Bench\ShopSide;
use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Parts\Confirmation;
use FreshTack\Shop\Parts\Confirmations;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;
use Psr\Clock\ClockInterface;

/** The frozen order with what was entered so far. */
final readonly class OpenBench
{
    public function __construct(
        private Orders $orders,
        private ShopSettings $settings,
        private Today $today,
        private ClockInterface $clock,
        private Confirmations $confirmations,
        private KeptClaims $claims,
        private BenchMarks $marks,
    ) {
    }

    /** @throws NotFound|Conflict if there is no such order, or it was not issued */
    public function __invoke(int $number): BenchView
    {
        return $this->of($this->orders->get($number));
    }

    /** @throws NotFound|Conflict if the order was not issued */
    public function of(OrderFile $file): BenchView
    {
        $document = $file->issuedDocument();
        // first: what happens meanwhile is seen at the next look
        $mark = $this->marks->of($file->number);

        try {
            $plan = IssuedOrderReader::read($document, $file->issuedAt);

            $shop = new ShopSide(
                new WrenchRules($this->settings->torqueWrenches(), ($this->today)()),
                $this->held($file->number),
                Claims::of(...$this->claims->of($file->number)),
                $this->settings->wasteContainers(),
            );

            return new BenchView(
                $file,
                $plan,
                BenchLog::replay($plan, $this->orders->entries($file->number), null, $shop),
                $shop,
                $this->clock->now(),
                $mark,
            );
        } catch (ExpectedError $error) {
            throw new \RuntimeException(\sprintf('Order %d does not replay: %s', $file->number, $error->getMessage()), 0, $error);
        }
    }

    private function held(int $number): HeldParts
    {
        return array_reduce(
            $this->confirmations->of($number),
            static fn (HeldParts $held, Confirmation $each): HeldParts => $held->with($each->engine, $each->number),
            HeldParts::none(),
        );
    }
}
