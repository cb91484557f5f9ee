<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

use FreshTack\Core\Reading\Flaws;

/** What no single part can tell: that numbers lead somewhere, that no chain is a loop, that kits hold known parts and no kits. */
final readonly class CatalogueCheck
{
    /**
     * @param array<string, CataloguePart> $parts   the whole catalogue as it would be, by number
     * @param array<string, string>        $changed pointers of those that are new or changed, by number
     */
    public static function check(array $parts, array $changed, Flaws $flaws): void
    {
        $newer = [];
        foreach ($parts as $part) {
            if (null !== $part->supersededBy) {
                $newer[$part->number] = $part->supersededBy;
            }
        }
        $loops = array_flip((new Supersession($newer))->loops());
        foreach ($changed as $number => $pointer) {
            $part = $parts[$number];
            if (null !== $part->supersededBy && !isset($parts[$part->supersededBy])) {
                $flaws->add($pointer.'/supersededBy', \sprintf('%s is not in the catalogue: add it first, or in the same file.', $part->supersededBy));
            }
            if (isset($loops[$number])) {
                $flaws->add($pointer.'/supersededBy', \sprintf('%s would lead back to itself: %s.', $number, implode(' → ', [...(new Supersession($newer))->chain($part->number), $part->number])));
            }
            if (null !== $part->substituteFor && Origin::Maker !== ($parts[$part->substituteFor] ?? null)?->origin) {
                $flaws->add($pointer.'/substituteFor', \sprintf('%s is no number of the engine maker\'s in the catalogue.', $part->substituteFor));
            }
            self::kit($part, $parts, $pointer, $flaws);
        }
    }

    /** @param array<string, CataloguePart> $parts */
    private static function kit(CataloguePart $part, array $parts, string $pointer, Flaws $flaws): void
    {
        foreach ($part->kit as $line) {
            $held = $parts[$line->part] ?? null;
            if (null === $held) {
                $flaws->add($pointer.'/kit', \sprintf('%s is not in the catalogue: add it first, or in the same file.', $line->part));
            } elseif ($held->isKit()) {
                $flaws->add($pointer.'/kit', \sprintf('%s is a kit itself: name what it holds.', $line->part));
            }
        }
    }
}
