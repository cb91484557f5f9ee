<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Core\Parts\CatalogueCheck;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Unit;

/** One part of the catalogue, new or changed at the counter. */
final readonly class SavePart
{
    public function __construct(private Catalogue $catalogue, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * @param int|null $version null for a new part
     *
     * @throws Conflict|InvalidDocument if it was changed meanwhile, or does not fit the rest of the catalogue
     */
    public function __invoke(CataloguePart $part, ?int $version, Account $by): void
    {
        $this->unit->run(function () use ($part, $version, $by): true {
            $flaws = new Flaws();
            CatalogueCheck::check([...$this->catalogue->all(), $part->number => $part], [$part->number => ''], $flaws);
            $flaws->throwIfAny();
            $this->catalogue->save($part, $version);
            $this->audit->add($by->username, null === $version ? 'part.added' : 'part.changed', Subject::part($part->number));

            return true;
        });
    }
}
