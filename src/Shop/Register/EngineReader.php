<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

/** The shop's engine reader. It may be slow, switched off, or talk nonsense. */
interface EngineReader
{
    /** @throws ReaderTrouble */
    public function ask(string $serial): ReaderReport;
}
