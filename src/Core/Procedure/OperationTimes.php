<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Quantity\Minutes;

/** Whose time an operation takes: at work, by a running engine, going on by itself, and the rest before it. */
final readonly class OperationTimes
{
    /**
     * @param string|null $presenceFrom   path of the sheet's value for the minutes of presence
     * @param string|null $unattendedFrom path of the sheet's value for the unattended minutes
     * @param string|null $restFrom       path of the sheet's value for the rest that must be over before it
     */
    public function __construct(
        public HandsOnTime $attended,
        public Minutes $presence,
        public Minutes $unattended,
        public ?string $presenceFrom = null,
        public ?string $unattendedFrom = null,
        public ?string $restFrom = null,
    ) {
    }

    public static function handsOn(Minutes $minutes): self
    {
        return new self(new HandsOnTime($minutes), Minutes::none(), Minutes::none());
    }

    /** @return list<string> paths of the sheet's values */
    public function paths(): array
    {
        return array_values(array_filter([$this->presenceFrom, $this->unattendedFrom, $this->restFrom], \is_string(...)));
    }
}
