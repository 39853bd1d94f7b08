<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Step\Instance;
use Heurema\Layout\Words\FixtureKind;

/** What kind of fixture an element is: by its predefined type, else by the words of its name in English, German, French and Spanish. */
final class FixtureWords
{
    private const PREDEFINED = [
        'BATH' => FixtureKind::Bath, 'BIDET' => FixtureKind::Bidet, 'SHOWER' => FixtureKind::Shower, 'SINK' => FixtureKind::Sink,
        'TOILETPAN' => FixtureKind::WaterCloset, 'URINAL' => FixtureKind::Urinal, 'WASHHANDBASIN' => FixtureKind::Lavatory,
        'WCSEAT' => FixtureKind::WaterCloset, 'SMOKESENSOR' => FixtureKind::SmokeAlarm, 'COSENSOR' => FixtureKind::CoAlarm,
        'CHAIR' => FixtureKind::Chair, 'TABLE' => FixtureKind::Table, 'DESK' => FixtureKind::Desk, 'BED' => FixtureKind::Bed,
        'SHELF' => FixtureKind::Shelf, 'SOFA' => FixtureKind::Sofa, 'ELECTRICCOOKER' => FixtureKind::Range,
        'DISHWASHER' => FixtureKind::Dishwasher,
        'REFRIGERATOR' => FixtureKind::Refrigerator, 'FRIDGE_FREEZER' => FixtureKind::Refrigerator, 'FREEZER' => FixtureKind::Refrigerator,
        'WASHINGMACHINE' => FixtureKind::Washer, 'TUMBLEDRYER' => FixtureKind::Dryer, 'RADIATOR' => FixtureKind::Radiator,
        'POWEROUTLET' => FixtureKind::Socket, 'TOGGLESWITCH' => FixtureKind::Switch,
    ];

    /** Parts of words; the first that is found counts. */
    private const NAMES = [
        ['water_closet', 'toilet|\bwc\b|klosett|inodoro|water closet'],
        ['bidet', 'bidet'],
        ['urinal', 'urinal|urinoir'],
        ['vanity', 'vanity|waschtischunterschrank'],
        ['lavatory', 'washbasin|wash basin|hand basin|lavatory|waschbecken|waschtisch|lavabo'],
        ['shower', 'shower|dusche?n?|douche|ducha'],
        ['bath', 'bath ?tub|\bbath\b|badewanne|baignoire|banera'],
        ['dishwasher', 'dishwasher|geschirrspueler|spuelmaschine|lave vaisselle|lavavajillas'],
        ['washer', 'washing machine|\bwasher\b|waschmaschine|lave linge|lavadora'],
        ['dryer', 'dryer|trockner|seche linge|secadora'],
        ['refrigerator', 'refrigerator|fridge|kuehlschrank|refrigerateur|frigo|nevera'],
        ['range', '\brange\b|cooker|stove|\bherd\b|cuisiniere|cocina de'],
        ['cooktop', 'cooktop|\bhob\b|kochfeld|plaque de cuisson'],
        ['oven', '\boven\b|backofen|\bfour\b|horno'],
        ['hood', '\bhood\b|dunstabzug|hotte|campana'],
        ['sink', '\bsink\b|spuele|evier|fregadero'],
        ['wall_cabinet', 'wall cabinet|wall unit|oberschrank|haengeschrank|meuble haut'],
        ['tall_cabinet', 'tall cabinet|tall unit|hochschrank'],
        ['base_cabinet', 'base cabinet|base unit|kitchen cabinet|kuechenschra|unterschrank|meuble bas'],
        ['counter', 'counter|worktop|arbeitsplatte|plan de travail|encimera'],
        ['nightstand', 'night ?stand|bedside|nachttisch|table de nuit|mesita'],
        ['bed', '\bbeds?\b|doppelbett|einzelbett|\bbett\b|\blit\b|\bcama\b'],
        ['wardrobe', 'wardrobe|kleiderschrank|armoire|armario|ropero'],
        ['sofa', 'sofa|couch|canape'],
        ['armchair', 'arm ?chair|sessel|fauteuil|sillon'],
        ['desk', '\bdesk\b|schreibtisch|buerotisch|bureau|escritorio'],
        ['chair', 'chair|stuhl|chaise|silla'],
        ['table', 'table|tisch|\bmesa\b'],
        ['shelf', 'shelf|shelves|bookcase|regal|etagere|estanteria'],
        ['television', 'television|\btv\b|fernseher'],
        ['radiator', 'radiator|heizkoerper|radiateur|radiador'],
        ['water_heater', 'water heater|warmwasser|chauffe eau|calentador'],
        ['grab_bar', 'grab bar|haltegriff|barre d appui'],
        ['mirror', 'mirror|spiegel|miroir|espejo'],
        ['smoke_alarm', 'smoke|rauchmelder|fumee|humo'],
        ['co_alarm', '\bco alarm|carbon monoxide'],
    ];

    public static function kindOf(Instance $element, ?Instance $type): ?FixtureKind
    {
        foreach ([$element, $type] as $one) {
            $predefined = self::PREDEFINED[$one?->word('PredefinedType') ?? ''] ?? null;
            if ($predefined !== null) {
                return $predefined;
            }
        }
        $names = [$element->text('Name'), $element->text('ObjectType'), $type?->text('Name'), $type?->text('ElementType')];
        foreach (array_filter($names, static fn(?string $name): bool => $name !== null) as $name) {
            $plain = trim((string) preg_replace('~[^a-z]+~', ' ', strtr(mb_strtolower($name), [
                'ä' => 'ae', 'ö' => 'oe', 'ü' => 'ue', 'ß' => 'ss', 'é' => 'e', 'è' => 'e', 'ê' => 'e', 'à' => 'a', 'â' => 'a', 'ñ' => 'n',
            ])));
            foreach (self::NAMES as [$kind, $words]) {
                if (preg_match("~{$words}~", $plain) === 1) {
                    return FixtureKind::from($kind);
                }
            }
        }

        return null;
    }
}
