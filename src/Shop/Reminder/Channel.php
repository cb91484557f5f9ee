<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

enum Channel: string
{
    case Email = 'email';
    case Text = 'text';
}
