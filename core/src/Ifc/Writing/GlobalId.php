<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

/** Ids of a layout as GlobalIds: 128 bits in 22 letters (ISO 16739, IfcGloballyUniqueId). The same id gives the same one, always. */
final class GlobalId
{
    private const LETTERS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz_$';

    /** One that came from a model is given back; a dash stands for its dollar sign. */
    public static function of(string $id): string
    {
        return preg_match('/^[0-3][0-9A-Za-z_-]{21}$/', $id) === 1 ? strtr($id, '-', '$') : self::made($id);
    }

    /** Of what has no id of its own, by a name within the document. */
    public static function made(string $name): string
    {
        $bits = '';
        foreach (str_split(md5("heurema {$name}", true)) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }
        $letters = self::LETTERS[(int) bindec(substr($bits, 0, 2))];
        for ($at = 2; $at < 128; $at += 6) {
            $letters .= self::LETTERS[(int) bindec(substr($bits, $at, 6))];
        }

        return $letters;
    }
}
