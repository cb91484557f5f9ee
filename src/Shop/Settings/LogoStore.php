<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

interface LogoStore
{
    /** @return string|null a PNG; null: the shop has none */
    public function logo(): ?string;

    /** @param string|null $picture null: none any more */
    public function keep(?string $picture): void;
}
