<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\Torque;

/** What a torque wrench is set to when a crowfoot or an offset adapter lengthens or shortens it. */
final readonly class Crowfoot
{
    /**
     * T · L / (L + E · cos θ), rounded to a tenth of the unit. At 90° the setting is the figure; an extension bar on
     * the drive's axis needs none of this.
     *
     * @param Torque $wanted  at the fastener
     * @param Length $lever   L: from the middle of the grip to the middle of the drive
     * @param Length $offset  E: from the middle of the drive to the middle of the fastener
     * @param int    $degrees θ: 0 straight on, 180 folded back
     *
     * @throws InvalidQuantity if the angle is outside 0 to 180, the lever has no length, or nothing is left of it
     */
    public static function setting(Torque $wanted, Length $lever, Length $offset, int $degrees): Torque
    {
        if ($degrees < 0 || $degrees > 180) {
            throw InvalidQuantity::offScale('The angle of a crowfoot', (string) $degrees, '0 to 180 degrees');
        }
        $arm = $lever->inMillimetres();
        $reach = $arm + $offset->inMillimetres() * (90 === $degrees ? 0.0 : cos(deg2rad($degrees)));
        if ($arm <= 0.0 || $reach <= 0.0) {
            throw InvalidQuantity::offScale('The lever of a torque wrench', $lever->asGiven(), 'longer than the adapter reaches back');
        }

        return Torque::of(number_format((float) $wanted->in($wanted->unit, 6) * $arm / $reach, 1, '.', ''), $wanted->unit);
    }
}
