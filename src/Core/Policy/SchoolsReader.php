<?php

declare(strict_types=1);

namespace FreshTack\Core\Policy;

use FreshTack\Core\Reading\Cursor;

/** Reads the shop's answers: an object of codes by question; a question left out keeps the usual answer. */
final readonly class SchoolsReader
{
    /** As they replace others: each question is answered. */
    public static function whole(Cursor $cursor): Schools
    {
        $schools = self::at($cursor);
        $cursor->needs(...array_map(static fn (Question $question): string => $question->value, Question::cases()));

        return $schools;
    }

    public static function at(Cursor $cursor): Schools
    {
        if ($cursor->isNull()) {
            return Schools::standard();
        }
        $cursor->knowsOnly(...array_map(static fn (Question $question): string => $question->value, Question::cases()));
        $schools = Schools::standard();
        foreach (Question::cases() as $question) {
            $answer = $cursor->at($question->value);
            if (!$answer->isNull()) {
                $code = $answer->string(40);
                $schools = $answer->attempt(static fn (): Schools => $schools->with($question, $code)) ?? $schools;
            }
        }

        return $schools;
    }
}
