<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

/**
 * A building model put together for a test, as text: entities one by one, lengths in mm until they are written in the unit of the file.
 * Everything stands in one frame, turned and moved as a whole.
 */
final class ModelText
{
    private const UNITS = [
        'mm' => [1.0, '.MILLI.,.METRE.'],
        'm' => [1000.0, '$,.METRE.'],
        'ft' => [304.8, null],
    ];

    /** @var list<string> */
    private array $entities = [];

    private int $storey;
    private int $placement;
    private int $guids = 0;

    /** @var list<int> what stands on the storey */
    private array $contained = [];

    /** @var list<int> */
    private array $spaces = [];

    public function __construct(
        private readonly string $schema = 'IFC4',
        private readonly string $unit = 'mm',
        float $turned = 0.0,
        float $x = 0.0,
        float $y = 0.0,
    ) {
        $length = self::UNITS[$unit][1] === null
            ? $this->add("IFCCONVERSIONBASEDUNIT(#{$this->add('IFCDIMENSIONALEXPONENTS(1,0,0,0,0,0,0)')},.LENGTHUNIT.,'FOOT',"
                ."#{$this->add("IFCMEASUREWITHUNIT(IFCLENGTHMEASURE(0.3048),#{$this->add('IFCSIUNIT(*,.LENGTHUNIT.,$,.METRE.)')})")})")
            : $this->add('IFCSIUNIT(*,.LENGTHUNIT.,'.self::UNITS[$unit][1].')');
        $angle = $this->add('IFCSIUNIT(*,.PLANEANGLEUNIT.,$,.RADIAN.)');
        $area = $this->add('IFCSIUNIT(*,.AREAUNIT.,$,.SQUARE_METRE.)');
        $units = $this->add("IFCUNITASSIGNMENT((#{$length},#{$angle},#{$area}))");
        $this->add("IFCPROJECT('{$this->guid()}',\$,'Project',\$,\$,\$,\$,(),#{$units})");
        $building = $this->add("IFCBUILDING('{$this->guid()}',\$,'House',\$,\$,\$,\$,\$,.ELEMENT.)");
        $this->placement = $this->placed(null, $x, $y, 0.0, $turned);
        $this->storey = $this->add("IFCBUILDINGSTOREY('{$this->guid()}',\$,'Ground',\$,\$,#{$this->placement},\$,\$,.ELEMENT.,0.)");
        $this->add("IFCRELAGGREGATES('{$this->guid()}',\$,\$,\$,#{$building},(#{$this->storey}))");
    }

    /** A wall whose body is a rectangle on plan: from a corner, so long along a direction and so thick to its left. */
    public function wall(float $x, float $y, float $degrees, float $length, float $thickness, float $height = 2500.0): int
    {
        $place = $this->placed($this->placement, $x, $y, 0.0, $degrees);
        $body = $this->box($length, $thickness, $height);

        return $this->contain("IFCWALL('{$this->guid()}',\$,'Wall',\$,\$,#{$place},#{$body},\$".$this->more(1).')');
    }

    /** Cut out of a wall that `wall` made, so far along it; a door or window in it unless it stays bare. */
    public function opening(
        int $wall,
        float $x,
        float $y,
        float $degrees,
        float $width,
        float $height,
        float $sill,
        ?string $filler = null,
    ): int {
        $place = $this->placed($this->placement, $x, $y, $sill, $degrees);
        $hole = $this->box($width, 400.0, $height, -50.0);
        $opening = $this->add("IFCOPENINGELEMENT('{$this->guid()}',\$,\$,\$,\$,#{$place},#{$hole},\$".$this->more(1).')');
        $this->add("IFCRELVOIDSELEMENT('{$this->guid()}',\$,\$,\$,#{$wall},#{$opening})");
        if ($filler !== null) {
            $filling = $this->filler($filler, $x, $y, $degrees, $width, $height);
            $this->add("IFCRELFILLSELEMENT('{$this->guid()}',\$,\$,\$,#{$opening},#{$filling})");
        }

        return $opening;
    }

    public function space(float $x, float $y, float $width, float $depth, string $name, float $height = 2500.0): int
    {
        $place = $this->placed($this->placement, $x, $y, 0.0, 0.0);
        $body = $this->box($width, $depth, $height);

        return $this->spaces[] = $this->add(
            "IFCSPACE('{$this->guid()}',\$,'1',\$,\$,#{$place},#{$body},'{$name}',.ELEMENT.,.INTERNAL.,\$)",
        );
    }

    /** A property set of an element. */
    public function property(int $element, string $set, string $name, string $value): self
    {
        $property = $this->add("IFCPROPERTYSINGLEVALUE('{$name}',\$,{$value},\$)");
        $of = $this->add("IFCPROPERTYSET('{$this->guid()}',\$,'{$set}',\$,(#{$property}))");
        $this->add("IFCRELDEFINESBYPROPERTIES('{$this->guid()}',\$,\$,\$,(#{$element}),#{$of})");

        return $this;
    }

    /**
     * What the file says that an element measures, in m2.
     *
     * @param string|null $unit of this quantity alone, as an entity
     */
    public function area(int $element, string $name, float $m2, ?string $unit = null): self
    {
        $own = $unit === null ? '$' : "#{$this->add($unit)}";
        $quantity = $this->add("IFCQUANTITYAREA('{$name}',\$,{$own},{$m2},\$)");
        $of = $this->add("IFCELEMENTQUANTITY('{$this->guid()}',\$,'Quantities',\$,\$,(#{$quantity}))");
        $this->add("IFCRELDEFINESBYPROPERTIES('{$this->guid()}',\$,\$,\$,(#{$element}),#{$of})");

        return $this;
    }

    /** Any other element with a box for its body. */
    public function fixture(string $type, string $name, float $x, float $y, float $degrees, float $width, float $depth, float $height): int
    {
        $place = $this->placed($this->placement, $x, $y, 0.0, $degrees);

        $body = $this->box($width, $depth, $height);

        return $this->contain("{$type}('{$this->guid()}',\$,'{$name}',\$,\$,#{$place},#{$body},\$".$this->more(1).')');
    }

    /** What covers a floor or a ceiling: a box that begins so high. */
    public function covering(string $kind, float $x, float $y, float $z, float $width, float $depth, float $height): int
    {
        $place = $this->placed($this->placement, $x, $y, $z, 0.0);
        $body = $this->box($width, $depth, $height);

        return $this->contain("IFCCOVERING('{$this->guid()}',\$,'Floor covering',\$,\$,#{$place},#{$body},\$,.{$kind}.)");
    }

    public function material(int $element, string $name): self
    {
        $material = $this->add("IFCMATERIAL('{$name}',\$,\$)");
        $layer = $this->add("IFCMATERIALLAYER(#{$material},{$this->length(10.0)},\$,\$,\$,\$,\$)");
        $set = $this->add("IFCMATERIALLAYERSET((#{$layer}),\$,\$)");
        $this->add("IFCRELASSOCIATESMATERIAL('{$this->guid()}',\$,\$,\$,(#{$element}),#{$set})");

        return $this;
    }

    /**
     * An element with flat faces for its body.
     *
     * @param list<list<array{float, float, float}>> $faces corners of each
     */
    public function mesh(string $type, string $name, array $faces): int
    {
        $place = $this->placed($this->placement, 0.0, 0.0, 0.0, 0.0);
        $written = array_map(function (array $face): string {
            $corners = array_map(
                fn(array $at): string => '#'.$this->add('IFCCARTESIANPOINT(('.implode(',', array_map($this->length(...), $at)).'))'),
                $face,
            );
            $bound = $this->add("IFCFACEOUTERBOUND(#{$this->add('IFCPOLYLOOP(('.implode(',', $corners).'))')},.T.)");

            return "#{$this->add("IFCFACE((#{$bound}))")}";
        }, $faces);
        $brep = $this->add("IFCFACETEDBREP(#{$this->add('IFCCLOSEDSHELL(('.implode(',', $written).'))')})");
        $shape = $this->add("IFCSHAPEREPRESENTATION(\$,'Body','Brep',(#{$brep}))");
        $body = $this->add("IFCPRODUCTDEFINITIONSHAPE(\$,\$,(#{$shape}))");

        return $this->contain("{$type}('{$this->guid()}',\$,'{$name}',\$,\$,#{$place},#{$body},\$".$this->more(1).')');
    }

    /**
     * An element that is made of others.
     *
     * @param list<int> $parts
     */
    public function whole(string $type, string $name, array $parts): int
    {
        $this->contained = array_values(array_diff($this->contained, $parts));
        $whole = $this->contain("{$type}('{$this->guid()}',\$,'{$name}',\$,\$,\$,\$,\$".$this->more(1).')');
        $list = implode(',', array_map(static fn(int $id): string => "#{$id}", $parts));
        $this->add("IFCRELAGGREGATES('{$this->guid()}',\$,\$,\$,#{$whole},({$list}))");

        return $whole;
    }

    public function write(): string
    {
        $entities = $this->entities;
        $number = count($entities);
        $last = [];
        if ($this->contained !== []) {
            $list = implode(',', array_map(static fn(int $id): string => "#{$id}", $this->contained));
            $last[] = "IFCRELCONTAINEDINSPATIALSTRUCTURE('contained',\$,\$,\$,({$list}),#{$this->storey})";
        }
        if ($this->spaces !== []) {
            $list = implode(',', array_map(static fn(int $id): string => "#{$id}", $this->spaces));
            $last[] = "IFCRELAGGREGATES('aggregated',\$,\$,\$,#{$this->storey},({$list}))";
        }
        $lines = '';
        foreach ([...$entities, ...$last] as $position => $entity) {
            $lines .= '#'.($position + 1)."={$entity};\n";
        }

        return "ISO-10303-21;\nHEADER;\nFILE_DESCRIPTION((''),'2;1');\nFILE_NAME('','',(''),(''),'','','');\n"
            ."FILE_SCHEMA(('{$this->schema}'));\nENDSEC;\nDATA;\n{$lines}ENDSEC;\nEND-ISO-10303-21;\n";
    }

    public function add(string $entity): int
    {
        $this->entities[] = $entity;

        return count($this->entities);
    }

    private function filler(string $filler, float $x, float $y, float $degrees, float $width, float $height): int
    {
        [$kind, $operation, $turned] = [...explode(' ', $filler), '', ''];
        [$x, $y, $degrees] = $turned === 'turned'
            ? [$x + $width * cos(deg2rad($degrees)), $y + $width * sin(deg2rad($degrees)), $degrees + 180.0]
            : [$x, $y, $degrees];
        $place = $this->placed($this->placement, $x, $y, 0.0, $degrees);
        $sizes = "{$this->length($height)},{$this->length($width)}";
        $is4 = $this->schema !== 'IFC2X3';
        $element = $this->add(strtoupper("ifc{$kind}")."('{$this->guid()}',\$,'{$kind}',\$,\$,#{$place},\$,\$,{$sizes}"
            .($is4 ? ',$,'.($kind === 'door' && $operation !== '' ? ".{$operation}." : '$').',$' : '').')');
        if (!$is4 && $kind === 'door' && $operation !== '') {
            $style = $this->add("IFCDOORSTYLE('{$this->guid()}',\$,'style',\$,\$,\$,\$,\$,.{$operation}.,.NOTDEFINED.,.F.,.F.)");
            $this->add("IFCRELDEFINESBYTYPE('{$this->guid()}',\$,\$,\$,(#{$element}),#{$style})");
        }

        return $element;
    }

    private function contain(string $entity): int
    {
        return $this->contained[] = $this->add($entity);
    }

    /** Attributes that an element has in later schemas only. */
    private function more(int $count): string
    {
        return $this->schema === 'IFC2X3' ? '' : str_repeat(',$', $count);
    }

    private function box(float $width, float $depth, float $height, float $from = 0.0): int
    {
        $centre = $this->add("IFCCARTESIANPOINT(({$this->length($width / 2)},{$this->length($depth / 2 + $from)}))");
        $at = $this->add("IFCAXIS2PLACEMENT2D(#{$centre},\$)");
        $profile = $this->add("IFCRECTANGLEPROFILEDEF(.AREA.,\$,#{$at},{$this->length($width)},{$this->length($depth)})");
        $up = $this->add('IFCDIRECTION((0.,0.,1.))');
        $solid = $this->add("IFCEXTRUDEDAREASOLID(#{$profile},\$,#{$up},{$this->length($height)})");
        $shape = $this->add("IFCSHAPEREPRESENTATION(\$,'Body','SweptSolid',(#{$solid}))");

        return $this->add("IFCPRODUCTDEFINITIONSHAPE(\$,\$,(#{$shape}))");
    }

    private function placed(?int $in, float $x, float $y, float $z, float $degrees): int
    {
        $at = $this->add("IFCCARTESIANPOINT(({$this->length($x)},{$this->length($y)},{$this->length($z)}))");
        $up = $this->add('IFCDIRECTION((0.,0.,1.))');
        $along = $this->add('IFCDIRECTION(('.self::number(cos(deg2rad($degrees))).','.self::number(sin(deg2rad($degrees))).',0.))');
        $axes = $this->add("IFCAXIS2PLACEMENT3D(#{$at},#{$up},#{$along})");

        return $this->add('IFCLOCALPLACEMENT('.($in === null ? '$' : "#{$in}").",#{$axes})");
    }

    private function length(float $mm): string
    {
        return self::number($mm / self::UNITS[$this->unit][0]);
    }

    private static function number(float $number): string
    {
        return number_format($number, 12, '.', '');
    }

    private function guid(): string
    {
        return sprintf('%022d', ++$this->guids);
    }
}
