<?php

declare(strict_types=1);

namespace FreshTack\Tests\Console;

use PHPUnit\Framework\TestCase;

/** What can be set from outside stands in docs/operations.md, and nothing else does. */
final class SettingsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';
    private const NAME = '/\b(?:FRESH_TACK_[A-Z_]+[A-Z]|APP_(?:ENV|DEBUG|SECRET)|DATABASE_URL|MAILER_DSN)\b/';
    /** Ends the program in the middle of something, to see what is left; only tests set it. */
    private const OF_TESTS = ['FRESH_TACK_KILL_AT'];

    public function testEverySettingIsDescribed(): void
    {
        $used = [];
        foreach (['src', 'config', 'public'] as $folder) {
            $below = new \RecursiveDirectoryIterator(self::ROOT.'/'.$folder, \FilesystemIterator::SKIP_DOTS);
            $files = new \RecursiveIteratorIterator($below);
            foreach ($files as $file) {
                if ($file instanceof \SplFileInfo && \in_array($file->getExtension(), ['php', 'yaml'], true)) {
                    preg_match_all(self::NAME, (string) file_get_contents($file->getPathname()), $found);
                    $used = [...$used, ...$found[0]];
                }
            }
        }
        $text = (string) file_get_contents(self::ROOT.'/docs/operations.md');
        preg_match_all(self::NAME, (string) strstr($text, '## What can be set from outside'), $described);

        // what the framework reads by itself
        $used = [...array_diff($used, self::OF_TESTS), 'APP_DEBUG', 'APP_ENV'];
        self::assertSame(self::sorted($used), self::sorted($described[0]));
    }

    /**
     * @param array<string> $names
     *
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        $names = array_unique($names);
        sort($names);

        return $names;
    }
}
