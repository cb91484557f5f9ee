<?php

declare(strict_types=1);

namespace FreshTack\Core\Policy;

/** The shop's answers, one to each question. */
final readonly class Schools
{
    /** @param array<string, School> $answers by question */
    private function __construct(private array $answers)
    {
    }

    public static function standard(): self
    {
        return new self(array_column(array_map(static fn (Question $question): array => [$question->value, $question->standard()], Question::cases()), 1, 0));
    }

    /** @throws InvalidPolicy if there is no such answer, it is refused whatever the reason, or it contradicts another */
    public function with(Question $question, string $code): self
    {
        $school = $question->school($code) ?? throw InvalidPolicy::unknownSchool($question, $code);
        if (null !== $school->refused) {
            throw InvalidPolicy::refused($question, $school);
        }
        $changed = new self([...$this->answers, $question->value => $school]);
        $changed->checkContradictions($question);

        return $changed;
    }

    public function answer(Question $question): School
    {
        return $this->answers[$question->value];
    }

    public function is(Question $question, string $code): bool
    {
        return $this->answer($question)->code === $code;
    }

    /** @return array<string, string> codes by question */
    public function toArray(): array
    {
        return array_map(static fn (School $school): string => $school->code, $this->answers);
    }

    /** @return list<Question> where the other answers differently */
    public function differences(self $other): array
    {
        return array_values(array_filter(Question::cases(), fn (Question $question): bool => $this->answer($question)->code !== $other->answer($question)->code));
    }

    /** @throws InvalidPolicy */
    private function checkContradictions(Question $changed): void
    {
        $pairs = [
            [Question::DrainBy, 'extraction', Question::DrainsDuringFilter, 'open', 'what is pumped out has no drain that could stay open.'],
            [Question::DrainBy, 'extraction', Question::DrainTemperature, 'rested', 'cold oil is too thick to be pumped out through the dipstick tube.'],
            [Question::HowToRun, 'test_tank', Question::Covers, 'before_filling', 'in the tank nobody can feel behind the panels for a leak.'],
        ];
        foreach ($pairs as [$one, $first, $other, $second, $why]) {
            if ($this->is($one, $first) && $this->is($other, $second)) {
                $against = $changed === $one ? $other : $one;
                throw InvalidPolicy::contradiction($changed, $this->answer($changed), $against, $this->answer($against), $why);
            }
        }
    }
}
