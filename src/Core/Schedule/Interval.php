<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/** When a task is due: once early in the engine's life (or not), and then again and again; what is done; what severe use changes. */
final readonly class Interval
{
    public function __construct(public ?Limit $first, public Limit $every, public Action $action = Action::Renew, public ?SevereUse $severe = null)
    {
    }

    public function text(): string
    {
        $every = 'every '.$this->every->text();

        return null === $this->first || $this->first->text() === $this->every->text() ? $every : \sprintf('first at %s, then %s', $this->first->text(), $every);
    }

    public function detail(): string
    {
        return $this->action->value.(null === $this->severe ? '' : ' · '.$this->severe->text());
    }
}
