<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

interface CountHoldings
{
    public function __invoke(): Holdings;
}
