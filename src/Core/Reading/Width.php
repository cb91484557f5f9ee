<?php

declare(strict_types=1);

namespace FreshTack\Core\Reading;

/**
 * How many characters a field holds. Readers, columns of the database, the sheet's schema and, by way of
 * docs/api/openapi.yaml, the forms have it from here.
 */
final readonly class Width
{
    public const CUSTOMER_NAME = 120;
    public const EMAIL = 200;
    public const PHONE = 40;
    public const BOAT_NAME = 80;
    public const BOAT_KIND = 80;
    public const REGISTRATION = 40;
    public const MODEL = 20;
    public const SERIAL = 30;
    public const GEARCASE = 20;
    public const SERIAL_PREFIX = 20;
    public const PART_NUMBER = 40;
    public const PART_DESCRIPTION = 120;
    public const MAKER = 60;
    public const BIN = 20;
    public const PERSON = 80;
    public const SHEET_ID = 60;
    public const SOURCE_KEY = 60;
    public const SOURCE_DOCUMENT = 200;
    public const SOURCE_REVISION = 40;
    public const PAGE = 40;
    public const EVIDENCE = 200;
    public const REASON = 300;
}
