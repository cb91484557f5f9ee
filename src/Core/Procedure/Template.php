<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** A sentence with slots such as `{drain.location}`. */
final readonly class Template
{
    /** @var list<string> the paths of its slots, each once */
    public array $slots;

    public function __construct(private string $text)
    {
        preg_match_all('/\{([A-Za-z._]+)\}/', $text, $found);
        $this->slots = array_values(array_unique($found[1]));
    }

    /** A slot that nothing answers shows as a blank with its name: such a text is never issued. */
    public function fill(EngineFacts $facts): string
    {
        return [] === $this->slots ? $this->text : (string) preg_replace_callback('/\{([A-Za-z._]+)\}/', static fn (array $slot): string => $facts->figure($slot[1])->text ?? '____ ('.EngineFacts::label($slot[1]).')', $this->text);
    }
}
