<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Ifc\Step\ArgumentReader;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Ifc\Step\Typed;

/**
 * The rules of the schema IFC4 (ISO 16739-1:2018, written down from memory) for the entities that are written: which attributes each has in
 * which order, which of them must be given and of what kind each is, and the rules that the schema states beside them.
 *
 * `text`, `number`, `count`, `yes` are values; `.A.B.` is an enumeration of those words; a name in capitals is a reference to an entity of
 * that type or under it; `[...]` is a list of at least one; `?` may be left out; `*` is derived; `value` is a typed value.
 */
final class SchemaRules
{
    private const ROOT = 'GlobalId:guid OwnerHistory:?IFCOWNERHISTORY Name:?text Description:?text';
    private const OBJECT = self::ROOT.' ObjectType:?text';
    private const PRODUCT = self::OBJECT.' ObjectPlacement:?IFCLOCALPLACEMENT Representation:?IFCPRODUCTDEFINITIONSHAPE';
    private const ELEMENT = self::PRODUCT.' Tag:?text';
    private const SPATIAL = self::PRODUCT.' LongName:?text CompositionType:?.ELEMENT.COMPLEX.PARTIAL.';
    private const TYPE = self::ROOT.' ApplicableOccurrence:?text HasPropertySets:?[IFCPROPERTYSETDEFINITION]'
        .' RepresentationMaps:?[IFCREPRESENTATIONMAP]'
        .' Tag:?text ElementType:?text';
    private const DOOR = '.SINGLE_SWING_LEFT.SINGLE_SWING_RIGHT.DOUBLE_DOOR_SINGLE_SWING.DOUBLE_DOOR_SINGLE_SWING_OPPOSITE_LEFT'
        .'.DOUBLE_DOOR_SINGLE_SWING_OPPOSITE_RIGHT.DOUBLE_SWING_LEFT.DOUBLE_SWING_RIGHT.DOUBLE_DOOR_DOUBLE_SWING.SLIDING_TO_LEFT'
        .'.SLIDING_TO_RIGHT.DOUBLE_DOOR_SLIDING.FOLDING_TO_LEFT.FOLDING_TO_RIGHT.DOUBLE_DOOR_FOLDING.REVOLVING.ROLLINGUP'
        .'.SWING_FIXED_LEFT.SWING_FIXED_RIGHT.USERDEFINED.NOTDEFINED.';
    private const PARTITION = '.SINGLE_PANEL.DOUBLE_PANEL_VERTICAL.DOUBLE_PANEL_HORIZONTAL.TRIPLE_PANEL_VERTICAL.TRIPLE_PANEL_BOTTOM'
        .'.TRIPLE_PANEL_TOP.TRIPLE_PANEL_LEFT.TRIPLE_PANEL_RIGHT.TRIPLE_PANEL_HORIZONTAL.USERDEFINED.NOTDEFINED.';

    private const ENTITIES = [
        'IFCPROJECT' => self::OBJECT.' LongName:?text Phase:?text RepresentationContexts:?[IFCREPRESENTATIONCONTEXT]'
            .' UnitsInContext:?IFCUNITASSIGNMENT',
        'IFCBUILDING' => self::SPATIAL.' ElevationOfRefHeight:?number ElevationOfTerrain:?number BuildingAddress:?IFCPOSTALADDRESS',
        'IFCBUILDINGSTOREY' => self::SPATIAL.' Elevation:?number',
        'IFCSPACE' => self::SPATIAL.' PredefinedType:?.SPACE.PARKING.GFA.INTERNAL.EXTERNAL.USERDEFINED.NOTDEFINED.'
            .' ElevationWithFlooring:?number',
        'IFCWALL' => self::ELEMENT.' PredefinedType:?.MOVABLE.PARAPET.PARTITIONING.PLUMBINGWALL.SHEAR.SOLIDWALL.STANDARD.POLYGONAL'
            .'.ELEMENTEDWALL.USERDEFINED.NOTDEFINED.',
        'IFCSLAB' => self::ELEMENT.' PredefinedType:?.FLOOR.ROOF.LANDING.BASESLAB.USERDEFINED.NOTDEFINED.',
        'IFCBEAM' => self::ELEMENT.' PredefinedType:?.BEAM.JOIST.HOLLOWCORE.LINTEL.SPANDREL.T_BEAM.USERDEFINED.NOTDEFINED.',
        'IFCCOLUMN' => self::ELEMENT.' PredefinedType:?.COLUMN.PILASTER.USERDEFINED.NOTDEFINED.',
        'IFCSTAIR' => self::ELEMENT.' PredefinedType:?.STRAIGHT_RUN_STAIR.SPIRAL_STAIR.USERDEFINED.NOTDEFINED.',
        'IFCRAMP' => self::ELEMENT.' PredefinedType:?.STRAIGHT_RUN_RAMP.SPIRAL_RAMP.USERDEFINED.NOTDEFINED.',
        'IFCRAILING' => self::ELEMENT.' PredefinedType:?.HANDRAIL.GUARDRAIL.BALUSTRADE.USERDEFINED.NOTDEFINED.',
        'IFCVIRTUALELEMENT' => self::ELEMENT,
        'IFCOPENINGELEMENT' => self::ELEMENT.' PredefinedType:?.OPENING.RECESS.USERDEFINED.NOTDEFINED.',
        'IFCDOOR' => self::ELEMENT.' OverallHeight:?number OverallWidth:?number PredefinedType:?.DOOR.GATE.TRAPDOOR.USERDEFINED.NOTDEFINED.'
            .' OperationType:?'.self::DOOR.' UserDefinedOperationType:?text',
        'IFCWINDOW' => self::ELEMENT.' OverallHeight:?number OverallWidth:?number'
            .' PredefinedType:?.WINDOW.SKYLIGHT.LIGHTDOME.USERDEFINED.NOTDEFINED. PartitioningType:?'.self::PARTITION
            .' UserDefinedPartitioningType:?text',
        'IFCDOORTYPE' => self::TYPE.' PredefinedType:.DOOR.GATE.TRAPDOOR.USERDEFINED.NOTDEFINED. OperationType:'.self::DOOR
            .' ParameterTakesPrecedence:?yes UserDefinedOperationType:?text',
        'IFCWINDOWTYPE' => self::TYPE.' PredefinedType:.WINDOW.SKYLIGHT.LIGHTDOME.USERDEFINED.NOTDEFINED. PartitioningType:'.self::PARTITION
            .' ParameterTakesPrecedence:?yes UserDefinedPartitioningType:?text',
        'IFCSANITARYTERMINAL' => self::ELEMENT.' PredefinedType:?.BATH.BIDET.CISTERN.SHOWER.SINK.SANITARYFOUNTAIN.TOILETPAN.URINAL'
            .'.WASHHANDBASIN.WCSEAT.USERDEFINED.NOTDEFINED.',
        'IFCELECTRICAPPLIANCE' => self::ELEMENT.' PredefinedType:?.DISHWASHER.ELECTRICCOOKER.FREESTANDINGELECTRICHEATER.FREESTANDINGFAN'
            .'.FREESTANDINGWATERHEATER.FREESTANDINGWATERCOOLER.FREEZER.FRIDGE_FREEZER.HANDDRYER.KITCHENMACHINE.MICROWAVE.PHOTOCOPIER'
            .'.REFRIGERATOR.TUMBLEDRYER.VENDINGMACHINE.WASHINGMACHINE.USERDEFINED.NOTDEFINED.',
        'IFCFURNITURE' => self::ELEMENT.' PredefinedType:?.CHAIR.TABLE.DESK.BED.FILECABINET.SHELF.SOFA.USERDEFINED.NOTDEFINED.',
        'IFCLIGHTFIXTURE' => self::ELEMENT.' PredefinedType:?.POINTSOURCE.DIRECTIONSOURCE.SECURITYLIGHTING.USERDEFINED.NOTDEFINED.',
        'IFCOUTLET' => self::ELEMENT.' PredefinedType:?.AUDIOVISUALOUTLET.COMMUNICATIONSOUTLET.POWEROUTLET.DATAOUTLET.TELEPHONEOUTLET'
            .'.USERDEFINED.NOTDEFINED.',
        'IFCSWITCHINGDEVICE' => self::ELEMENT.' PredefinedType:?.CONTACTOR.DIMMERSWITCH.EMERGENCYSTOP.KEYPAD.MOMENTARYSWITCH.SELECTORSWITCH'
            .'.STARTER.SWITCHDISCONNECTOR.TOGGLESWITCH.USERDEFINED.NOTDEFINED.',
        'IFCSPACEHEATER' => self::ELEMENT.' PredefinedType:?.CONVECTOR.RADIATOR.USERDEFINED.NOTDEFINED.',
        'IFCSENSOR' => self::ELEMENT.' PredefinedType:?.COSENSOR.CO2SENSOR.SMOKESENSOR.HEATSENSOR.USERDEFINED.NOTDEFINED.',
        'IFCDOORLININGPROPERTIES' => self::ROOT.' LiningDepth:?number LiningThickness:?number ThresholdDepth:?number'
            .' ThresholdThickness:?number'
            .' TransomThickness:?number TransomOffset:?number LiningOffset:?number ThresholdOffset:?number CasingThickness:?number'
            .' CasingDepth:?number ShapeAspectStyle:?IFCSHAPEASPECT LiningToPanelOffsetX:?number LiningToPanelOffsetY:?number',
        'IFCWINDOWLININGPROPERTIES' => self::ROOT.' LiningDepth:?number LiningThickness:?number TransomThickness:?number'
            .' MullionThickness:?number'
            .' FirstTransomOffset:?number SecondTransomOffset:?number FirstMullionOffset:?number SecondMullionOffset:?number'
            .' ShapeAspectStyle:?IFCSHAPEASPECT LiningOffset:?number LiningToPanelOffsetX:?number LiningToPanelOffsetY:?number',
        'IFCWINDOWPANELPROPERTIES' => self::ROOT.' OperationType:.SIDEHUNGRIGHTHAND.SIDEHUNGLEFTHAND.TILTANDTURNRIGHTHAND'
            .'.TILTANDTURNLEFTHAND'
            .'.TOPHUNG.BOTTOMHUNG.PIVOTHORIZONTAL.PIVOTVERTICAL.SLIDINGHORIZONTAL.SLIDINGVERTICAL.REMOVABLECASEMENT.FIXEDCASEMENT'
            .'.OTHEROPERATION.NOTDEFINED. PanelPosition:.LEFT.MIDDLE.RIGHT.BOTTOM.TOP.NOTDEFINED. FrameDepth:?number FrameThickness:?number'
            .' ShapeAspectStyle:?IFCSHAPEASPECT',
        'IFCPROPERTYSET' => self::ROOT.' HasProperties:[IFCPROPERTYSINGLEVALUE]',
        'IFCPROPERTYSINGLEVALUE' => 'Name:text Description:?text NominalValue:?value Unit:?IFCSIUNIT',
        'IFCELEMENTQUANTITY' => self::ROOT.' MethodOfMeasurement:?text Quantities:[IFCPHYSICALQUANTITY]',
        'IFCQUANTITYLENGTH' => 'Name:text Description:?text Unit:?IFCSIUNIT LengthValue:number Formula:?text',
        'IFCQUANTITYAREA' => 'Name:text Description:?text Unit:?IFCSIUNIT AreaValue:number Formula:?text',
        'IFCRELAGGREGATES' => self::ROOT.' RelatingObject:IFCOBJECT RelatedObjects:[IFCOBJECT]',
        'IFCRELCONTAINEDINSPATIALSTRUCTURE' => self::ROOT.' RelatedElements:[IFCELEMENT] RelatingStructure:IFCSPATIALELEMENT',
        'IFCRELDEFINESBYPROPERTIES' => self::ROOT.' RelatedObjects:[IFCOBJECT] RelatingPropertyDefinition:IFCPROPERTYSETDEFINITION',
        'IFCRELDEFINESBYTYPE' => self::ROOT.' RelatedObjects:[IFCOBJECT] RelatingType:IFCTYPEOBJECT',
        'IFCRELFILLSELEMENT' => self::ROOT.' RelatingOpeningElement:IFCOPENINGELEMENT RelatedBuildingElement:IFCELEMENT',
        'IFCRELVOIDSELEMENT' => self::ROOT.' RelatingBuildingElement:IFCELEMENT RelatedOpeningElement:IFCOPENINGELEMENT',
        'IFCUNITASSIGNMENT' => 'Units:[IFCSIUNIT]',
        'IFCSIUNIT' => 'Dimensions:* UnitType:.LENGTHUNIT.AREAUNIT.PLANEANGLEUNIT.VOLUMEUNIT. Prefix:?.MILLI.CENTI.DECI.KILO.'
            .' Name:.METRE.SQUARE_METRE.CUBIC_METRE.RADIAN.',
        'IFCGEOMETRICREPRESENTATIONCONTEXT' => 'ContextIdentifier:?text ContextType:?text CoordinateSpaceDimension:count Precision:?number'
            .' WorldCoordinateSystem:IFCAXIS2PLACEMENT3D TrueNorth:?IFCDIRECTION',
        'IFCLOCALPLACEMENT' => 'PlacementRelTo:?IFCLOCALPLACEMENT RelativePlacement:IFCAXIS2PLACEMENT3D',
        'IFCAXIS2PLACEMENT3D' => 'Location:IFCCARTESIANPOINT Axis:?IFCDIRECTION RefDirection:?IFCDIRECTION',
        'IFCCARTESIANPOINT' => 'Coordinates:[number]',
        'IFCDIRECTION' => 'DirectionRatios:[number]',
        'IFCPRODUCTDEFINITIONSHAPE' => 'Name:?text Description:?text Representations:[IFCSHAPEREPRESENTATION]',
        'IFCSHAPEREPRESENTATION' => 'ContextOfItems:IFCREPRESENTATIONCONTEXT RepresentationIdentifier:?text RepresentationType:?text'
            .' Items:[IFCREPRESENTATIONITEM]',
        'IFCEXTRUDEDAREASOLID' => 'SweptArea:IFCPROFILEDEF Position:?IFCAXIS2PLACEMENT3D ExtrudedDirection:IFCDIRECTION Depth:number',
        'IFCARBITRARYCLOSEDPROFILEDEF' => 'ProfileType:.AREA.CURVE. ProfileName:?text OuterCurve:IFCPOLYLINE',
        'IFCPOLYLINE' => 'Points:[IFCCARTESIANPOINT]',
    ];

    /** What stands under what, as far as references ask for it. */
    private const UNDER = [
        'IFCREPRESENTATIONCONTEXT' => ['IFCGEOMETRICREPRESENTATIONCONTEXT'],
        'IFCPROPERTYSETDEFINITION' => [
            'IFCPROPERTYSET', 'IFCELEMENTQUANTITY', 'IFCDOORLININGPROPERTIES', 'IFCWINDOWLININGPROPERTIES', 'IFCWINDOWPANELPROPERTIES',
        ],
        'IFCPHYSICALQUANTITY' => ['IFCQUANTITYLENGTH', 'IFCQUANTITYAREA'],
        'IFCTYPEOBJECT' => ['IFCDOORTYPE', 'IFCWINDOWTYPE'],
        'IFCREPRESENTATIONITEM' => ['IFCEXTRUDEDAREASOLID', 'IFCPOLYLINE'],
        'IFCPROFILEDEF' => ['IFCARBITRARYCLOSEDPROFILEDEF'],
        'IFCSPATIALELEMENT' => ['IFCBUILDING', 'IFCBUILDINGSTOREY', 'IFCSPACE'],
    ];

    /** @var array<int, array{string, list<mixed>}> type and values by number */
    private array $entities = [];

    /** @var list<string> */
    private array $broken = [];

    private function __construct(string $text)
    {
        preg_match_all('~^#(\d+)=(\w+)(\(.*\));$~m', $text, $found, PREG_SET_ORDER);
        foreach ($found as [, $number, $type, $values]) {
            $this->entities[(int) $number] = [$type, (new ArgumentReader($values, (int) $number))->read()];
        }
    }

    /** @return list<string> what is not as the schema has it */
    public static function broken(string $text): array
    {
        $rules = new self($text);
        foreach (array_keys($rules->entities) as $number) {
            $rules->attributes($number);
        }
        if ($rules->broken === []) {
            $rules->stated();
        }

        return $rules->broken;
    }

    private function attributes(int $number): void
    {
        [$type, $values] = $this->entities[$number];
        $attributes = isset(self::ENTITIES[$type]) ? explode(' ', self::ENTITIES[$type]) : [];
        $this->ask(count($attributes) === count($values), $number, count($values).' attributes');
        foreach ($attributes as $place => $attribute) {
            [$name, $kind] = explode(':', $attribute, 2);
            $value = $values[$place] ?? null;
            $isOptional = str_starts_with($kind, '?') || $kind === '*';
            $this->ask($value === null ? $isOptional : $this->is($value, ltrim($kind, '?')), $number, "{$name} is no {$kind}");
        }
    }

    private function is(mixed $value, string $kind): bool
    {
        if (str_starts_with($kind, '[')) {
            return is_array($value) && $value !== []
                && array_filter($value, fn(mixed $one): bool => !$this->is($one, trim($kind, '[]'))) === [];
        }

        return match (true) {
            $kind === 'guid' => is_string($value) && preg_match('~^[0-3][0-9A-Za-z_$]{21}$~D', $value) === 1,
            $kind === 'text' => is_string($value),
            $kind === 'number' => is_float($value),
            $kind === 'count' => is_int($value) || $value === 3.0,
            $kind === 'value' => $value instanceof Typed || is_string($value) || is_float($value) || $value instanceof Enumeration,
            str_starts_with($kind, '.') => $value instanceof Enumeration && str_contains($kind, ".{$value->word}."),
            default => $value instanceof Reference && $this->isA($value->id, $kind),
        };
    }

    private function isA(int $number, string $type): bool
    {
        $is = $this->entities[$number][0] ?? '';

        return match ($type) {
            'IFCELEMENT' => str_starts_with(self::ENTITIES[$is] ?? '', self::ELEMENT),
            'IFCOBJECT' => str_starts_with(self::ENTITIES[$is] ?? '', self::OBJECT),
            default => $is === $type || in_array($is, self::UNDER[$type] ?? [], true),
        };
    }

    /** The rules that the schema states beside the attributes. */
    private function stated(): void
    {
        $guids = $contained = $parts = $cut = $filled = $typed = [];
        foreach ($this->entities as $number => [$type, $values]) {
            if (str_starts_with(self::ENTITIES[$type], self::ROOT)) {
                $this->ask(!isset($guids[$this->value($number, 'GlobalId')]), $number, 'its GlobalId is another one’s as well');
                $guids[$this->value($number, 'GlobalId')] = true;
            }
            if (str_starts_with(self::ENTITIES[$type], self::PRODUCT)) {
                $isPlaced = $values[5] !== null || $values[6] === null;
                $this->ask($isPlaced, $number, 'a body needs a placement');
            }
            match ($type) {
                'IFCPROJECT' => $this->ask($values[2] !== null, $number, 'a project has a name'),
                'IFCPROPERTYSET' => $this->ask(
                    $values[2] !== null && $this->areDistinct($values[4]),
                    $number,
                    'a set and its properties are named',
                ),
                'IFCPOLYLINE' => $this->ask(count((array) $values[0]) >= 2, $number, 'a line has two points'),
                'IFCARBITRARYCLOSEDPROFILEDEF' => $this->ask($this->isClosed($values[2]), $number, 'an outline closes'),
                'IFCEXTRUDEDAREASOLID' => $this->ask($values[3] > 0.0, $number, 'a depth is above zero'),
                'IFCQUANTITYLENGTH', 'IFCQUANTITYAREA' => $this->ask($values[3] >= 0.0, $number, 'a quantity is not below zero'),
                'IFCDOOR', 'IFCWINDOW' => $this->ask($values[8] > 0.0 && $values[9] > 0.0, $number, 'sizes are above zero'),
                'IFCDOORLININGPROPERTIES' => $this->ask(
                    ($values[4] === null || $values[5] !== null) && ($values[6] === null || $values[7] !== null),
                    $number,
                    'a depth has its thickness',
                ),
                'IFCSHAPEREPRESENTATION' => $this->ask($this->isOfItsType($values), $number, 'its items are of its type'),
                'IFCAXIS2PLACEMENT3D' => $this->ask($this->isFrame($values), $number, 'its axes are not parallel, and both or none given'),
                default => null,
            };
            match ($type) {
                'IFCRELCONTAINEDINSPATIALSTRUCTURE' => $contained = [...$contained, ...self::ids($values[4])],
                'IFCRELAGGREGATES' => $parts = [...$parts, ...self::ids($values[5])],
                'IFCRELVOIDSELEMENT' => $cut = [...$cut, ...self::ids([$values[5]])],
                'IFCRELFILLSELEMENT' => $filled = [...$filled, ...self::ids([$values[5]])],
                'IFCDOORTYPE', 'IFCWINDOWTYPE' => $typed = [...$typed, ...self::ids($values[5])],
                default => null,
            };
        }
        $this->inOnePlace($contained, $parts, $cut, $filled, $typed);
    }

    /**
     * @param list<int> $contained
     * @param list<int> $parts
     * @param list<int> $cut
     * @param list<int> $filled
     * @param list<int> $typed
     */
    private function inOnePlace(array $contained, array $parts, array $cut, array $filled, array $typed): void
    {
        foreach (['contained' => $contained, 'a part' => $parts, 'cut' => $cut, 'filling' => $filled] as $what => $numbers) {
            foreach (array_keys(array_filter(array_count_values($numbers), static fn(int $times): bool => $times > 1)) as $number) {
                $this->ask(false, $number, "it is {$what} twice");
            }
        }
        foreach ($this->entities as $number => [$type]) {
            match (true) {
                $type === 'IFCOPENINGELEMENT' => $this->ask(in_array($number, $cut, true), $number, 'an opening is cut out of something'),
                $this->isA($number, 'IFCELEMENT') => $this->ask(
                    in_array($number, $contained, true),
                    $number,
                    'an element stands on a storey',
                ),
                $this->isA($number, 'IFCSPATIALELEMENT') => $this->ask(
                    in_array($number, $parts, true),
                    $number,
                    'a place is part of another',
                ),
                in_array($type, ['IFCDOORLININGPROPERTIES', 'IFCWINDOWLININGPROPERTIES', 'IFCWINDOWPANELPROPERTIES'], true) => $this->ask(
                    in_array($number, $typed, true),
                    $number,
                    'linings and panels are of a type',
                ),
                default => null,
            };
        }
    }

    private function areDistinct(mixed $properties): bool
    {
        $names = array_map(fn(int $number): mixed => $this->entities[$number][1][0], self::ids($properties));

        return count(array_unique($names, SORT_REGULAR)) === count($names);
    }

    private function isClosed(mixed $curve): bool
    {
        $points = self::ids($this->entities[self::ids([$curve])[0]][1][0]);

        return count($points) >= 4 && $points[0] === $points[count($points) - 1];
    }

    /** @param list<mixed> $values */
    private function isOfItsType(array $values): bool
    {
        $wanted = ['SweptSolid' => 'IFCEXTRUDEDAREASOLID', 'Curve2D' => 'IFCPOLYLINE'][is_string($values[2]) ? $values[2] : ''] ?? '';

        return array_filter(self::ids($values[3]), fn(int $item): bool => $this->entities[$item][0] !== $wanted) === [];
    }

    /** @param list<mixed> $values */
    private function isFrame(array $values): bool
    {
        if ($values[1] === null || $values[2] === null) {
            return $values[1] === $values[2];
        }
        [$z, $x] = array_map($this->direction(...), self::ids([$values[1], $values[2]]));
        $dot = array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $z, $x));

        return abs($dot) < 0.99 * self::length($z) * self::length($x);
    }

    /** @return list<float> */
    private function direction(int $number): array
    {
        return array_values(array_filter((array) $this->entities[$number][1][0], is_float(...)));
    }

    /** @param list<float> $of */
    private static function length(array $of): float
    {
        return sqrt(array_sum(array_map(static fn(float $one): float => $one ** 2, $of)));
    }

    private function value(int $number, string $attribute): string
    {
        [$type, $values] = $this->entities[$number];
        foreach (explode(' ', self::ENTITIES[$type]) as $place => $named) {
            if (str_starts_with($named, "{$attribute}:")) {
                return is_string($values[$place]) ? $values[$place] : '';
            }
        }

        return '';
    }

    /** @return list<int> */
    private static function ids(mixed $references): array
    {
        return array_values(array_map(
            static fn(Reference $one): int => $one->id,
            array_filter((array) $references, static fn(mixed $one): bool => $one instanceof Reference),
        ));
    }

    private function ask(bool $is, int $number, string $rule): void
    {
        if (!$is) {
            $this->broken[] = "#{$number} {$this->entities[$number][0]}: {$rule}";
        }
    }
}
