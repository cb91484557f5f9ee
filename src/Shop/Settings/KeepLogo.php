<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\LogoPicture;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Unit;

/** The picture at the head of service records. */
final readonly class KeepLogo
{
    public function __construct(private LogoStore $store, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * @param string|null $bytes any picture; null: none any more
     *
     * @throws InvalidDocument|Conflict
     */
    public function __invoke(?string $bytes, string $by): void
    {
        $picture = null === $bytes ? null : LogoPicture::of($bytes);
        $this->unit->run(function () use ($picture, $by): void {
            $this->store->keep($picture);
            $this->audit->add($by, 'settings.logo', Subject::shop(), ['sha256' => null === $picture ? null : hash('sha256', $picture)]);
        });
    }
}
