<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/**
 * What a shop adds to the table of the trade: answers of its own, and answers that it takes more seriously. Nothing of the
 * table can be left out or made light of.
 */
final readonly class ShopAnswers
{
    /** In front of the codes that a shop's own answers get. */
    public const OWN = 'shop.';

    /**
     * @param array<string, list<Answer>> $added  by what is looked at, see AnswerTable
     * @param array<string, Verdict>      $raised by the code of an answer of the trade
     */
    private function __construct(public array $added, public array $raised)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /** @throws InvalidShopAnswer if there is no such answer, or it would count for less, or nothing would be as it should be */
    public function raising(string $code, Verdict $verdict): self
    {
        foreach (AnswerTable::lookedAt() as $key => $label) {
            foreach (AnswerTable::at($key) as $answer) {
                if ($code === $answer->code) {
                    return $this->raised($key, $label, $answer, $verdict);
                }
            }
        }
        throw InvalidShopAnswer::unknown($code);
    }

    /** @throws InvalidShopAnswer */
    private function raised(string $key, string $label, Answer $answer, Verdict $verdict): self
    {
        $verdict->isGraverThan($answer->verdict) || throw InvalidShopAnswer::weaker($answer);
        $raised = new self($this->added, [...$this->raised, $answer->code => $verdict]);
        $usual = array_filter($raised->at($key), static fn (Answer $each): bool => Verdict::GoOn === $each->verdict);
        [] !== $usual || throw InvalidShopAnswer::nothingUsual($label);

        return $raised;
    }

    /**
     * @param string|null $code null: it is new
     *
     * @throws InvalidShopAnswer if it is one of the trade's, stands there already, or says that nothing is wrong
     */
    public function adding(string $key, ?string $code, string $label, Verdict $verdict, string $meaning): self
    {
        isset(AnswerTable::lookedAt()[$key]) || throw InvalidShopAnswer::unknown($key);
        $label = trim($label);
        foreach ($this->at($key) as $each) {
            mb_strtolower($label) !== mb_strtolower($each->label) || throw InvalidShopAnswer::twice($each);
        }
        Verdict::GoOn !== $verdict || throw InvalidShopAnswer::light($label);
        $code ??= self::OWN.$key.'.'.substr(hash('sha256', mb_strtolower($label)), 0, 12);
        str_starts_with($code, self::OWN.$key.'.') && !\in_array($code, array_column($this->added[$key] ?? [], 'code'), true)
            || throw InvalidShopAnswer::unknown($code);
        $answer = Answer::kept($code, $label, $verdict, trim($meaning), Verdict::Stop === $verdict ? Answer::CALL : '', false);

        return new self([...$this->added, $key => [...$this->added[$key] ?? [], $answer]], $this->raised);
    }

    /** @return list<Answer> to what is looked at: the trade's, as gravely as the shop takes them, then its own */
    public function at(string $key): array
    {
        return [...array_map($this->taken(...), AnswerTable::at($key)), ...$this->added[$key] ?? []];
    }

    private function taken(Answer $answer): Answer
    {
        $verdict = $this->raised[$answer->code] ?? null;
        $instruction = Verdict::Stop === $verdict ? Answer::CALL : $answer->instruction;

        return null === $verdict
            ? $answer
            : Answer::kept($answer->code, $answer->label, $verdict, $answer->meaning, $instruction, $answer->asksWords);
    }

    /** @return array<string, mixed> as settings and requests keep it; nothing where nothing is added */
    public function toArray(): array
    {
        $all = [
            'raised' => array_map(static fn (Verdict $verdict): string => $verdict->value, $this->raised),
            'added' => array_map(static fn (array $answers): array => array_map(static fn (Answer $answer): array => [
                'code' => $answer->code,
                'label' => $answer->label,
                'verdict' => $answer->verdict->value,
                'meaning' => $answer->meaning,
            ], $answers), $this->added),
        ];

        return array_filter($all, static fn (array $each): bool => [] !== $each);
    }
}
