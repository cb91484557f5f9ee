<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/**
 * How figures are written in a country. Core writes them in one way: the unit of the source first, a decimal point,
 * degrees Celsius. They are set in the country's way where people read them, on paper here and by
 * `frontend/src/shared/figures.ts` on the screen; what is stored and sent stays as it is. What is converted is marked
 * with `≈`. A torque keeps the unit of its source first everywhere: the wrench is set by it.
 */
final readonly class FigureStyle
{
    /** Countries that write a decimal comma (Unicode CLDR, by the language that most people there speak). */
    private const COMMA = [
        'AD', 'AL', 'AM', 'AO', 'AR', 'AT', 'AX', 'AZ', 'BA', 'BE', 'BG', 'BL', 'BO', 'BR', 'BY', 'CL', 'CM', 'CO', 'CR', 'CU', 'CV',
        'CY', 'CZ', 'DE', 'DK', 'DZ', 'EC', 'EE', 'ES', 'FI', 'FO', 'FR', 'GE', 'GF', 'GL', 'GP', 'GR', 'GW', 'HR', 'HU', 'ID', 'IS',
        'IT', 'KG', 'KZ', 'LT', 'LU', 'LV', 'MA', 'MC', 'MD', 'ME', 'MF', 'MG', 'MK', 'MQ', 'MZ', 'NC', 'NL', 'NO', 'PF', 'PL', 'PM',
        'PT', 'PY', 'RE', 'RO', 'RS', 'RU', 'SE', 'SI', 'SJ', 'SK', 'SM', 'SN', 'SR', 'ST', 'TL', 'TN', 'TR', 'UA', 'UY', 'UZ', 'VA',
        'VE', 'VN', 'WF', 'XK', 'YT', 'ZA',
    ];
    /** Countries that buy oil by the US quart and read the air in °F. */
    private const CUSTOMARY = ['AS', 'FM', 'GU', 'MH', 'MP', 'PR', 'PW', 'US', 'VI'];

    /** What is spelt otherwise in the United States. A word with a capital may be somebody's name, and stays. */
    private const AMERICAN = [
        'colour' => 'color', 'colours' => 'colors', 'grey' => 'gray', 'centre' => 'center', 'litre' => 'liter',
        'litres' => 'liters', 'millilitre' => 'milliliter', 'millilitres' => 'milliliters', 'neighbour' => 'neighbor', 'neighbours' => 'neighbors',
        'labour' => 'labor', 'catalogue' => 'catalog', 'catalogues' => 'catalogs', 'cancelled' => 'canceled', 'labelled' => 'labeled',
    ];

    private const NUMBER = '\d+(?:\.\d+)?';
    /** A point in a figure, and not in the number of a part: a unit follows, or another figure of the same unit, or it begins with 0. */
    private const POINT = '/(?<![\w.,]|\w-)(?:0\.\d+(?![\w.-]*\w)|\d+\.\d+(?=(?: (?:–|to|of|and|or) [−±]?\d+(?:\.\d+)?)*(?: ?[°%]| (?:h|l|ml|mm|cm|m|in|in\.|kg|g|lb|oz|V|A|bar|kPa|psi|N·m|ft·lb|in·lb|turns?|times|litres|quarts|US|imp)(?!\w)))|(?<=level |reading )\d+\.\d+|\d+\.\d{2}(?= [A-Z]{3}(?!\w)))/u';

    /** @param bool|null $customary US quarts before litres, °F before °C; false: litres first; null: as the source has it */
    public function __construct(public bool $decimalComma = false, public ?bool $customary = null)
    {
    }

    public static function of(?string $country): self
    {
        return null === $country
            ? new self()
            : new self(\in_array($country, self::COMMA, true), \in_array($country, self::CUSTOMARY, true));
    }

    /** What Core has written, as people there write it. It stays so when it is set once more. */
    public function set(string $text): string
    {
        $text = match ($this->customary) {
            true => self::respelt(self::fahrenheit(self::quartsFirst($text))),
            false => self::litresFirst($text),
            null => $text,
        };

        return $this->decimalComma
            ? self::replaced(self::POINT, static fn (array $found): string => str_replace('.', ',', $found[0]), $text)
            : $text;
    }

    /** The words of a page; its marks and its style sheet stay as they are. */
    public function setPage(string $html): string
    {
        return self::replaced(
            '~<(style|title)\b.*?</\1>|<[^>]*>|[^<]+~su',
            fn (array $found): string => '<' === $found[0][0] ? $found[0] : $this->set($found[0]),
            $html,
        );
    }

    private static function respelt(string $text): string
    {
        return self::replaced(
            '/\b(?:'.implode('|', array_keys(self::AMERICAN)).')\b/u',
            static fn (array $found): string => self::AMERICAN[$found[0]] ?? $found[0],
            $text,
        );
    }

    private static function quartsFirst(string $text): string
    {
        return self::replaced(
            '/(?<![\w.,])('.self::NUMBER.' (?:l|ml)) \(('.self::NUMBER.' US (?:qt|fl oz))\)/u',
            static fn (array $found): string => '≈ '.$found[2].' ('.$found[1].')',
            $text,
        );
    }

    private static function litresFirst(string $text): string
    {
        return self::replaced(
            '/(?<![\w.,]|≈ )('.self::NUMBER.' (?:US|imp) (?:qt|gal|fl oz|pt)) \(('.self::NUMBER.' (?:l|ml))\)/u',
            static fn (array $found): string => '≈ '.$found[2].' ('.$found[1].')',
            $text,
        );
    }

    private static function fahrenheit(string $text): string
    {
        return self::replaced('/(?<![\w.,(−])(−?\d+) °C(?!\w)/u', static function (array $found): string {
            $fahrenheit = (int) round((int) str_replace('−', '-', $found[1]) * 1.8 + 32);

            return str_replace('-', '−', (string) $fahrenheit).' °F ('.$found[0].')';
        }, $text);
    }

    /** @param \Closure(array<string>): string $with */
    private static function replaced(string $pattern, \Closure $with, string $text): string
    {
        return preg_replace_callback($pattern, $with, $text) ?? throw new \LogicException('Not UTF-8: '.preg_last_error_msg());
    }
}
