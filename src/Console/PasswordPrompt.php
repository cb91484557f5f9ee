<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Account\Password;
use FreshTack\Shop\Account\Username;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\StreamableInputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

/** A password never stands on a command line, where others see it: it is asked for, or is a line of standard input. */
final readonly class PasswordPrompt
{
    /** @throws InvalidDocument if it is none, or the second time is another one */
    public static function ask(InputInterface $input, OutputInterface $output, Username $of): Password
    {
        if (!$input->isInteractive() || !stream_isatty(\STDIN)) {
            $stream = $input instanceof StreamableInputInterface ? $input->getStream() : null;

            return Password::chosen(rtrim((string) fgets($stream ?? \STDIN), "\r\n"), $of);
        }
        $style = new SymfonyStyle($input, $output);
        $typed = $style->askHidden('Password');
        $password = Password::chosen(\is_string($typed) ? $typed : '', $of);

        return $style->askHidden('The same once more') === $password->text
            ? $password
            : throw InvalidDocument::at('/password', 'The second one is another one. Nothing was changed; try again.');
    }
}
