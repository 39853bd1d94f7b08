<?php

declare(strict_types=1);

namespace App\Letters;

/** The page of a letter as it was sent: what there may be in one. */
final class SentLetter
{
    private const ELEMENTS = [
        'html', 'head', 'meta', 'title', 'style', 'body', 'main', 'h1', 'h2', 'p', 'table', 'tbody', 'thead', 'tr', 'td', 'th', 'div',
        'span', 'b', 'br', 'img', 'ul', 'li',
    ];

    private const ATTRIBUTES = ['lang', 'charset', 'class', 'src', 'alt', 'colspan', 'rowspan', 'scope'];

    private const DRAWING = 'data:image/svg+xml;base64,';

    /** Is there nothing in a page that a letter of ours never has: no script, no frame, no address, nothing from elsewhere? */
    public static function isPlain(string $html): bool
    {
        $page = new \DOMDocument();
        if (!@$page->loadHTML('<?xml encoding="UTF-8">'.$html, LIBXML_NONET)) {
            return false;
        }
        foreach ($page->getElementsByTagName('*') as $element) {
            if (!self::isKnown($element)) {
                return false;
            }
        }

        return true;
    }

    private static function isKnown(\DOMElement $element): bool
    {
        if (!in_array($element->tagName, self::ELEMENTS, true)) {
            return false;
        }
        foreach ($element->attributes as $attribute) {
            if (!in_array($attribute->name, self::ATTRIBUTES, true)) {
                return false;
            }
            if ($attribute->name === 'src' && !self::isDrawing($attribute->value)) {
                return false;
            }
        }

        return $element->tagName !== 'style' || preg_match('~url\s*\(|@import|\\\\~i', $element->textContent) === 0;
    }

    /** A drawing that brings nothing from elsewhere. */
    private static function isDrawing(string $address): bool
    {
        $drawing = str_starts_with($address, self::DRAWING) ? base64_decode(substr($address, strlen(self::DRAWING)), true) : false;

        return $drawing !== false
            && preg_match(
                '~<!(DOCTYPE|ENTITY)|<script|<foreignObject|\son\w+\s*=|href\s*=\s*["\'](?!#|data:image/(png|jpeg);)|url\((?!["\']?#)~i',
                $drawing,
            ) === 0;
    }
}
