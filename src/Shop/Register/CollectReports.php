<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\ExpectedError;

/** Takes in what lies in the reader's folder. Each file by itself: one that is no good is put aside with the reason and holds up no other. */
final readonly class CollectReports
{
    public function __construct(private ReaderDrop $drop, private TakeReport $take, private ImportHours $hours)
    {
    }

    /** @return list<array{name: string, taken: string|null, refused: string|null}> */
    public function __invoke(string $by): array
    {
        $told = [];
        foreach ($this->drop->waiting() as $name => $content) {
            try {
                $told[] = ['name' => $name, 'taken' => $this->one($name, $content, $by), 'refused' => null];
                $this->drop->taken($name);
            } catch (ExpectedError $error) {
                $told[] = ['name' => $name, 'taken' => null, 'refused' => $error->getMessage()];
                $this->drop->refused($name, $error->getMessage());
            }
        }

        return $told;
    }

    /** @throws ExpectedError */
    private function one(string $name, string $content, string $by): string
    {
        if (str_ends_with(strtolower($name), '.csv')) {
            return \sprintf('%d readings', $this->hours->apply($content, '', $by)->new);
        }
        $report = ReaderReport::read($content);
        $engine = $this->take->take($report, $by);

        return \sprintf('%s %s: %s h', $engine->model, $engine->serial, $report->hours->text());
    }
}
