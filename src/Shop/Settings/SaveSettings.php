<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Unit;

/** Keeps a part of the shop's settings. Orders that are issued stay as they are. */
final readonly class SaveSettings
{
    public function __construct(private ShopSettings $settings, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * @param array<string, mixed> $kept    as the part has read it
     * @param int|null             $version that it was changed from; null: of whatever is there
     *
     * @throws Conflict if somebody else changed the settings meanwhile
     */
    public function __invoke(SettingsPart $part, array $kept, ?int $version, string $by): void
    {
        $this->unit->run(function () use ($part, $kept, $version, $by): void {
            $before = $this->settings->part($part);
            $this->settings->changePart($kept, $version ?? $this->settings->version());
            $this->audit->add($by, 'settings.'.$part->value, Subject::shop(), [
                'before' => $before,
                'after' => $this->settings->part($part),
            ]);
        });
    }
}
