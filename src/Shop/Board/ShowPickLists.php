<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Register;

/** For the store room: of every order at the bench, the parts and the oil to pull, as they were frozen. */
final readonly class ShowPickLists
{
    public function __construct(private Orders $orders, private Register $register)
    {
    }

    /** @return list<array<string, mixed>> */
    public function __invoke(): array
    {
        return array_map($this->list(...), array_reverse($this->orders->underWork()));
    }

    /** @return array<string, mixed> */
    private function list(OrderFile $file): array
    {
        $document = Cursor::over($file->document);
        $engines = array_map(static fn (Cursor $engine): array => ['label' => $engine->at('label')->string(), 'model' => $engine->at('model')->string(), 'serial' => $engine->at('serial')->string()], $document->at('engines')->list());

        try {
            $boat = $this->register->boat($file->boatId)->name;
        } catch (NotFound $error) {
            throw new \LogicException('An order without a boat.', 0, $error);
        }

        return [
            'number' => $file->number,
            'status' => $file->status->value,
            'boat' => $boat,
            'engines' => $engines,
            'parts' => $document->at('parts')->raw(),
            'oil' => $document->at('oil')->raw(),
            'lubricants' => $document->at('lubricants')->raw() ?? [],
        ];
    }
}
