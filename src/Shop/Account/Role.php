<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

enum Role: string
{
    case Writer = 'writer';
    case Technician = 'technician';
    case Parts = 'parts';
    case Manager = 'manager';
}
