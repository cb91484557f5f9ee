<?php

declare(strict_types=1);

namespace FreshTack\Shop;

/** The tables are there, and nobody has opened a shop in them. */
final class NoShop extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct(
            'There is no shop yet. Run bin/start --empty and open the page that it names, or load the demo with bin/start.',
        );
    }
}
