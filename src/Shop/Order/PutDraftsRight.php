<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;

/** Gives the right hours to drafts that were opened with hours that were misread. */
final readonly class PutDraftsRight
{
    public function __construct(private Orders $orders, private Register $register, private AuditLog $audit)
    {
    }

    /** @throws NotFound|Conflict|InvalidQuantity */
    public function __invoke(int $engineId, EngineHours $wrong, EngineHours $right, string $by): void
    {
        $boatId = $this->register->engine($engineId)->boatId;
        foreach (null === $boatId ? [] : $this->orders->openOf($boatId) as $file) {
            $put = OrderStatus::Draft === $file->status ? $file->draft->withHours($engineId, $wrong, $right) : $file->draft;
            if ($put !== $file->draft) {
                $this->orders->saveDraft($file->number, $file->version, $put);
                $detail = ['engine' => $engineId, 'from' => $wrong->text(), 'to' => $right->text()];
                $this->audit->add($by, 'order.hours_put_right', Subject::order($file->number), $detail);
            }
        }
    }
}
