<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Unit;

final readonly class SaveDraft
{
    public function __construct(private Orders $orders, private Register $register, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * @throws NotFound|Conflict if the order was issued, somebody else saved since `$version`, or the draft is of
     *                           another boat
     */
    public function __invoke(int $number, int $version, Draft $draft, string $by): OrderFile
    {
        return $this->unit->run(function () use ($number, $version, $draft, $by): OrderFile {
            $file = $this->orders->getForWork($number);
            if (OrderStatus::Draft !== $file->status) {
                throw Conflict::wrongStatus($number, $file->status->value, 'changed');
            }
            $boat = $this->register->boat($file->boatId);
            $draft->isOf($boat) || throw Conflict::otherEngines($number, $boat->name);
            $this->audit->add($by, 'order.draft_saved', Subject::order($number));

            return $this->orders->saveDraft($number, $version, $draft->withFills($file->draft->fills));
        });
    }
}
