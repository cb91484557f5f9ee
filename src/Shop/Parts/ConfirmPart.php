<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Core\Parts\CartAnswer;
use FreshTack\Core\Parts\CartCheck;
use FreshTack\Core\Parts\CartPart;
use FreshTack\Core\Parts\CartState;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\SerialRange;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Holds the number of a part that was fetched against an order's serial numbers, and keeps it if it fits. */
final readonly class ConfirmPart
{
    public function __construct(private Orders $orders, private SpecBook $book, private Confirmations $confirmations, private ShowCart $show, private AuditLog $audit, private Unit $unit, private ClockInterface $clock)
    {
    }

    /**
     * @param string|null $engine as the order calls it; null: all that the number is for
     *
     * @throws NotFound|Conflict if there is no such order, or it is not at the bench
     */
    public function __invoke(int $order, string $number, ?string $engine, string $by): CartView
    {
        return $this->unit->run(function () use ($order, $number, $engine, $by): CartView {
            $file = $this->orders->getForWork($order);
            $document = Cursor::over($file->issuedDocument());
            if (!$file->status->isAtBench()) {
                throw Conflict::wrongStatus($order, $file->status->value, 'checked');
            }
            $answer = $this->answer($document, trim($number), $engine);
            foreach ($answer->engines as $each) {
                $this->confirmations->add($order, new Confirmation($answer->number ?? $number, $each, $by, $this->clock->now()));
            }
            $action = CartState::Fits === $answer->state ? 'cart.confirmed' : 'cart.refused';
            $this->audit->add(
                $by,
                $action,
                Subject::order($order),
                ['number' => $number, 'engine' => $engine, 'found' => $answer->state->value],
            );

            return ($this->show)($order, $answer);
        });
    }

    private function answer(Cursor $document, string $number, ?string $engine): CartAnswer
    {
        $engines = $document->at('engines')->list();
        $named = array_column(array_map(static fn (Cursor $each): array => [$each->at('label')->string(), $each->at('model')->string().' '.$each->at('serial')->string()], $engines), 1, 0);
        $models = array_map(static fn (Cursor $each): string => $each->at('model')->string(), $engines);

        $cart = new CartCheck($this->parts($document), $named);
        $answer = $cart->hold($number, $engine);

        return CartState::Unknown === $answer->state ? $cart->hold($number, $engine, $this->elsewhere(array_values(array_unique($models)), $number)) : $answer;
    }

    /** @return list<CartPart> */
    private function parts(Cursor $document): array
    {
        $pieces = [];
        foreach ($document->at('kits')->list() as $kit) {
            $pieces[$kit->at('number')->string()] = array_map(static fn (Cursor $piece): string => $piece->at('number')->string(), $kit->at('covers')->list());
        }

        return array_map(static fn (Cursor $part): CartPart => new CartPart(
            $part->at('number')->string(),
            $part->at('description')->optionalString() ?? 'not in the catalogue',
            $part->at('positions')->strings(),
            $part->at('instead')->strings(),
            $pieces[$part->at('number')->string()] ?? [],
            $part->at('standsFor')->optionalString(),
        ), $document->at('parts')->list());
    }

    /**
     * @param list<string> $models
     *
     * @return list<string> serial ranges whose published sheets name this number
     */
    private function elsewhere(array $models, string $number): array
    {
        $ranges = [];
        foreach ($this->book->heads() as $head) {
            if (SheetStatus::Published === $head->status && [] !== array_intersect($models, $head->models) && \in_array(strtoupper($number), array_map(strtoupper(...), $this->book->sheet($head)->partNumbers()), true)) {
                array_push($ranges, ...array_map(static fn (SerialRange $range): string => implode(', ', $head->models).' '.$range->text(), $head->ranges));
            }
        }

        return $ranges;
    }
}
