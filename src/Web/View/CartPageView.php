<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Parts\CartView;
use FreshTack\Shop\Parts\Confirmation;

final readonly class CartPageView
{
    /** @return array<string, mixed> */
    public static function of(CartView $view): array
    {
        return [
            'order' => OrderFileView::file($view->file),
            'boat' => $view->boat,
            'document' => $view->file->document,
            'confirmed' => array_map(static fn (Confirmation $each): array => ['number' => $each->number, 'engine' => $each->engine, 'by' => $each->by, 'at' => $each->at->format(\DATE_ATOM)], $view->confirmed),
            'answer' => null === $view->answer ? null : ['state' => $view->answer->state->value, 'message' => $view->answer->message, 'number' => $view->answer->number, 'engines' => $view->answer->engines],
        ];
    }
}
