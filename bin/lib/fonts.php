<?php

declare(strict_types=1);

/*
 * Makes all that the PDF library keeps of the types it prints with, in the folder that is named: their metrics, what the
 * family is called, and its own cache of both. So no print writes there, and two at once, or of two users, don't meet.
 */

use Dompdf\Dompdf;
use Dompdf\Options;
use FontLib\Font;

require __DIR__.'/../../vendor/autoload.php';

$folder = $argv[1] ?? throw new InvalidArgumentException('Name the folder with the types.');
$family = ['normal' => 'hyperlegible-400', 'bold' => 'hyperlegible-700'];
foreach ($family as $name) {
    $font = Font::load("$folder/$name.ttf") ?? throw new RuntimeException("$folder/$name.ttf is no type.");
    $font->parse();
    $font->saveAdobeFontMetrics("$folder/$name.ufm");
    $font->close();
}
file_put_contents("$folder/installed-fonts.json", json_encode(['hyperlegible' => $family], \JSON_THROW_ON_ERROR));
$page = new Dompdf(new Options(['fontDir' => $folder, 'fontCache' => $folder, 'isFontSubsettingEnabled' => true]));
$page->loadHtml('<p style="font-family: Hyperlegible">a <b>b</b></p><p style="font-family: DejaVu Sans">a <b>b</b></p>');
$page->render();
