<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Layout\Words\RoomUse;

/**
 * What a room is used for, by the words of its name in English, German, French, Spanish and transliterated Hindi. Of two words the longer
 * one counts; a name that none of them is in tells nothing.
 */
final class RoomWords
{
    private const WORDS = [
        'kitchen_dining' => [
            'kitchen diner', 'kitchen and dining', 'kitchen dining', 'wohnkueche', 'essküche', 'cuisine salle a manger',
            'cocina comedor',
        ],
        'kitchen_living' => [
            'kitchen living', 'living kitchen', 'wohnküche', 'cuisine ouverte', 'cuisine sejour', 'cocina sala', 'cocina estar',
        ],
        'living_dining' => [
            'living dining', 'lounge diner', 'wohn esszimmer', 'wohnesszimmer', 'sejour salle a manger', 'salon comedor', 'sala comedor',
        ],
        'bed_living' => ['studio', 'bedsit', 'einzimmerwohnung'],
        'bedroom' => [
            'bedroom', 'bed room', 'master bed', 'bunk room', 'schlafzimmer', 'schlafen', 'kinderzimmer', 'kind', 'gaestezimmer', 'chambre',
            'dormitorio', 'habitacion', 'recamara', 'alcoba', 'shayan kaksh', 'shayankaksh', 'sone ka kamra',
        ],
        'living' => [
            'living', 'living room', 'lounge', 'sitting room', 'family room', 'great room', 'drawing room', 'wohnzimmer',
            'wohnen', 'wohnraum',
            'sejour', 'salon', 'sala', 'sala de estar', 'estar', 'baithak', 'baithak khana',
        ],
        'dining' => ['dining', 'dining room', 'esszimmer', 'essen', 'essplatz', 'salle a manger', 'comedor', 'bhojan kaksh', 'bhojan'],
        'kitchen' => ['kitchen', 'kitchenette', 'kueche', 'kuche', 'kochen', 'cuisine', 'cocina', 'rasoi', 'rasoi ghar', 'rasoighar'],
        'study' => [
            'study', 'office', 'home office', 'den', 'library', 'buero', 'buro', 'arbeitszimmer', 'arbeiten', 'bureau', 'estudio',
            'despacho', 'adhyayan kaksh',
        ],
        'shower_room' => ['shower room', 'shower', 'duschbad', 'dusche', 'duschraum', 'salle de douche', 'ducha', 'snan ghar'],
        'bathroom' => [
            'bathroom', 'bath', 'ensuite', 'en suite', 'bad', 'badezimmer', 'baderaum', 'salle de bain', 'salle de bains', 'bano',
            'cuarto de bano', 'snanghar', 'gusalkhana', 'snan grih',
        ],
        'powder' => ['powder', 'powder room', 'cloakroom', 'half bath'],
        'wc' => [
            'wc', 'w c', 'toilet', 'lavatory', 'gaeste wc', 'gastewc', 'toilette', 'toilettes', 'aseo', 'inodoro', 'shauchalay',
            'sandas',
        ],
        'laundry' => [
            'laundry', 'laundry room', 'waschkueche', 'waschraum', 'hauswirtschaft', 'hwr', 'buanderie', 'lavanderia', 'lavadero',
        ],
        'utility' => ['utility', 'utility room', 'mud room', 'mudroom', 'technik', 'cellier'],
        'hall' => [
            'hall', 'hallway', 'corridor', 'landing', 'passage', 'flur', 'diele', 'gang', 'korridor', 'couloir', 'degagement', 'palier',
            'pasillo', 'galiyara', 'gali',
        ],
        'entry' => [
            'entry', 'entrance', 'foyer', 'vestibule', 'lobby', 'eingang', 'windfang', 'entree', 'entrada', 'recibidor', 'zaguan',
            'pravesh',
        ],
        'stair' => ['stair', 'stairs', 'staircase', 'stairwell', 'treppe', 'treppenhaus', 'escalier', 'escalera', 'seedhi', 'zina'],
        'walk_in_closet' => ['walk in closet', 'walk in wardrobe', 'dressing', 'dressing room', 'ankleide', 'ankleidezimmer', 'vestidor'],
        'closet' => ['closet', 'wardrobe', 'cupboard', 'linen', 'placard', 'armario', 'almari'],
        'pantry' => ['pantry', 'larder', 'speisekammer', 'speis', 'garde manger', 'despensa', 'bhandar'],
        'storage' => [
            'storage', 'store', 'store room', 'box room', 'abstellraum', 'abstellkammer', 'abstell', 'lager', 'keller', 'debarras',
            'rangement', 'trastero', 'bodega', 'godown',
        ],
        'garage' => ['garage', 'carport', 'garaje', 'cochera'],
        'balcony' => ['balcony', 'balkon', 'balcon', 'loggia', 'chhajja'],
        'porch' => ['porch', 'veranda', 'verandah', 'vordach', 'porche', 'baramda', 'barandah'],
        'terrace' => ['terrace', 'patio', 'deck', 'terrasse', 'dachterrasse', 'terraza', 'chhat'],
        'shaft' => ['shaft', 'duct', 'riser', 'schacht', 'gaine', 'conducto'],
        'plant' => [
            'plant', 'plant room', 'mechanical', 'boiler', 'furnace', 'hausanschluss', 'heizung', 'heizraum', 'haustechnik',
            'chaufferie', 'cuarto de maquinas',
        ],
    ];

    /** @param string|null ...$names of the space, the likelier ones first */
    public static function useOf(?string ...$names): ?RoomUse
    {
        foreach ($names as $name) {
            $use = $name === null ? null : self::in(self::plain($name));
            if ($use !== null) {
                return $use;
            }
        }

        return null;
    }

    private static function in(string $name): ?RoomUse
    {
        [$longest, $found] = [0, null];
        foreach (self::WORDS as $use => $words) {
            foreach ($words as $word) {
                $word = self::plain($word);
                if (strlen($word) > $longest && str_contains(" {$name} ", " {$word} ")) {
                    [$longest, $found] = [strlen($word), RoomUse::from($use)];
                }
            }
        }

        return $found;
    }

    /** In lower case, without accents, numbers and signs. */
    private static function plain(string $name): string
    {
        $name = strtr(mb_strtolower($name), [
            'ä' => 'ae', 'ö' => 'oe', 'ü' => 'ue', 'ß' => 'ss', 'à' => 'a', 'â' => 'a', 'á' => 'a', 'é' => 'e', 'è' => 'e', 'ê' => 'e',
            'ë' => 'e',
            'í' => 'i', 'î' => 'i', 'ï' => 'i', 'ó' => 'o', 'ô' => 'o', 'ú' => 'u', 'û' => 'u', 'ñ' => 'n', 'ç' => 'c',
        ]);

        return trim((string) preg_replace('~[^a-z]+~', ' ', $name));
    }
}
