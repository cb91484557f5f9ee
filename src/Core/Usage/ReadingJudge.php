<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/**
 * Questions a reading before it is kept. A day has 24 hours, so more than that since the reading before can't be;
 * several times the engine's usual use is worth a second look. A figure below the last one is a slip of the pen or
 * a new meter, and only whoever stands before the engine knows which.
 */
final readonly class ReadingJudge
{
    private const TENTHS_A_DAY = 240;
    private const UNUSUAL_TIMES = 5;
    private const UNUSUAL_FROM_TENTHS = 1000;

    /** @param UseRate|null $usual null if too little is known of this engine */
    public function judge(HourReading $new, HourLog $log, \DateTimeImmutable $inService, \DateTimeImmutable $today, ?UseRate $usual): ?QuestionedReading
    {
        if ($new->on > $today) {
            return new QuestionedReading(Doubt::Future, 'This day is still to come. Give the day on which it was read.');
        }
        if ($new->on < $inService) {
            return new QuestionedReading(Doubt::BeforeInService, \sprintf(
                'The engine went into service on %s. Correct the day, or the day in service.',
                $inService->format('j M Y'),
            ));
        }

        return $new->isEstimate() ? null : $this->besideOthers($new, $log, $inService, $usual);
    }

    private function besideOthers(HourReading $new, HourLog $log, \DateTimeImmutable $inService, ?UseRate $usual): ?QuestionedReading
    {
        $before = $log->lastUntil($new->on);
        if (null !== $before && $new->total()->tenths < $before->total()->tenths) {
            return new QuestionedReading(Doubt::Lower, \sprintf('The reading of %s was %s h. Read the meter again; if a new meter was fitted, say so, and the hours of the old one are kept.', $before->on->format('j M Y'), $before->meter->text()));
        }
        $after = $log->firstAfter($new->on);
        if (null !== $after && $new->total()->tenths > $after->total()->tenths) {
            return new QuestionedReading(Doubt::AboveLater, \sprintf(
                'On %s the meter showed %s h, less than this. Correct the day or the figure.',
                $after->on->format('j M Y'),
                $after->meter->text(),
            ));
        }

        return $this->speed($new, $before, $inService, $usual);
    }

    private function speed(HourReading $new, ?HourReading $before, \DateTimeImmutable $inService, ?UseRate $usual): ?QuestionedReading
    {
        $since = $before->on ?? $inService;
        $run = $new->total()->tenths - ($before?->total()->tenths ?? 0);
        $days = $since->diff($new->on)->days;
        if ($run > self::TENTHS_A_DAY * ($days + 1)) {
            return new QuestionedReading(Doubt::TooFast, \sprintf('%s h more in %s is more than there are hours. Read the meter again; if it is right, say so.', self::hours($run), 1 === $days ? 'a day' : $days.' days'));
        }
        $expected = $usual?->tenthsBetween($since, $new->on) ?? 0.0;
        if (null !== $usual && $run >= self::UNUSUAL_FROM_TENTHS && $run > self::UNUSUAL_TIMES * max($expected, 1.0)) {
            return new QuestionedReading(Doubt::Unusual, \sprintf('%s h since %s, where %s h would be usual for this engine. Read the meter again; if it is right, say so.', self::hours($run), $since->format('j M Y'), self::hours((int) round($expected))));
        }

        return null;
    }

    private static function hours(int $tenths): string
    {
        return \sprintf('%d.%d', intdiv($tenths, 10), $tenths % 10);
    }
}
