<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/**
 * The attributes of the entities that are read, in the order in which a file gives them (ISO 16739, and IFC 2x3 TC1, whose entities begin
 * alike). Written down from the published schemas.
 */
final class Attributes
{
    private const ROOT = ['GlobalId', 'OwnerHistory', 'Name', 'Description'];
    private const OBJECT = [...self::ROOT, 'ObjectType'];
    private const PRODUCT = [...self::OBJECT, 'ObjectPlacement', 'Representation'];
    private const ELEMENT = [...self::PRODUCT, 'Tag'];
    private const SPATIAL = [...self::PRODUCT, 'LongName', 'CompositionType'];
    private const TYPE = [...self::ROOT, 'ApplicableOccurrence', 'HasPropertySets', 'RepresentationMaps', 'Tag'];
    private const PROFILE = ['ProfileType', 'ProfileName'];
    private const PLACED_PROFILE = [...self::PROFILE, 'Position'];

    private const OF = [
        'IFCPROJECT' => [...self::OBJECT, 'LongName', 'Phase', 'RepresentationContexts', 'UnitsInContext'],
        'IFCSITE' => [...self::SPATIAL, 'RefLatitude', 'RefLongitude', 'RefElevation'],
        'IFCBUILDING' => self::SPATIAL,
        'IFCBUILDINGSTOREY' => [...self::SPATIAL, 'Elevation'],
        'IFCSPACE' => [...self::SPATIAL, 'PredefinedType', 'ElevationWithFlooring'],
        'IFCDOOR' => [...self::ELEMENT, 'OverallHeight', 'OverallWidth', 'PredefinedType', 'OperationType'],
        'IFCDOORSTANDARDCASE' => [...self::ELEMENT, 'OverallHeight', 'OverallWidth', 'PredefinedType', 'OperationType'],
        'IFCWINDOW' => [...self::ELEMENT, 'OverallHeight', 'OverallWidth', 'PredefinedType', 'PartitioningType'],
        'IFCWINDOWSTANDARDCASE' => [...self::ELEMENT, 'OverallHeight', 'OverallWidth', 'PredefinedType', 'PartitioningType'],
        'IFCSTAIR' => [...self::ELEMENT, 'PredefinedType'],
        'IFCRAMP' => [...self::ELEMENT, 'PredefinedType'],
        'IFCRAMPFLIGHT' => [...self::ELEMENT, 'PredefinedType'],
        'IFCCOVERING' => [...self::ELEMENT, 'PredefinedType'],
        'IFCSTAIRFLIGHT' => [...self::ELEMENT, 'NumberOfRisers', 'NumberOfTreads', 'RiserHeight', 'TreadLength', 'PredefinedType'],
        'IFCDOORSTYLE' => [...self::TYPE, 'OperationType', 'ConstructionType', 'ParameterTakesPrecedence', 'Sizeable'],
        'IFCWINDOWSTYLE' => [...self::TYPE, 'ConstructionType', 'OperationType', 'ParameterTakesPrecedence', 'Sizeable'],
        'IFCDOORTYPE' => [...self::TYPE, 'ElementType', 'PredefinedType', 'OperationType'],
        'IFCWINDOWTYPE' => [...self::TYPE, 'ElementType', 'PredefinedType', 'PartitioningType'],
        'IFCDOORLININGPROPERTIES' => [
            ...self::ROOT, 'LiningDepth', 'LiningThickness', 'ThresholdDepth', 'ThresholdThickness', 'TransomThickness', 'TransomOffset',
            'LiningOffset', 'ThresholdOffset', 'CasingThickness', 'CasingDepth',
        ],
        'IFCDOORPANELPROPERTIES' => [...self::ROOT, 'PanelDepth', 'PanelOperation', 'PanelWidth', 'PanelPosition'],
        'IFCWINDOWLININGPROPERTIES' => [...self::ROOT, 'LiningDepth', 'LiningThickness', 'TransomThickness', 'MullionThickness'],
        'IFCWINDOWPANELPROPERTIES' => [...self::ROOT, 'OperationType', 'PanelPosition', 'FrameDepth', 'FrameThickness'],
        'IFCRELAGGREGATES' => [...self::ROOT, 'RelatingObject', 'RelatedObjects'],
        'IFCRELCONTAINEDINSPATIALSTRUCTURE' => [...self::ROOT, 'RelatedElements', 'RelatingStructure'],
        'IFCRELVOIDSELEMENT' => [...self::ROOT, 'RelatingBuildingElement', 'RelatedOpeningElement'],
        'IFCRELFILLSELEMENT' => [...self::ROOT, 'RelatingOpeningElement', 'RelatedBuildingElement'],
        'IFCRELDEFINESBYTYPE' => [...self::ROOT, 'RelatedObjects', 'RelatingType'],
        'IFCRELDEFINESBYPROPERTIES' => [...self::ROOT, 'RelatedObjects', 'RelatingPropertyDefinition'],
        'IFCRELASSOCIATESMATERIAL' => [...self::ROOT, 'RelatedObjects', 'RelatingMaterial'],
        'IFCRELASSOCIATESCLASSIFICATION' => [...self::ROOT, 'RelatedObjects', 'RelatingClassification'],
        'IFCCLASSIFICATIONREFERENCE' => ['Location', 'Identification', 'Name'],
        'IFCPROPERTYSET' => [...self::ROOT, 'HasProperties'],
        'IFCPROPERTYSINGLEVALUE' => ['Name', 'Description', 'NominalValue', 'Unit'],
        'IFCELEMENTQUANTITY' => [...self::ROOT, 'MethodOfMeasurement', 'Quantities'],
        'IFCQUANTITYAREA' => ['Name', 'Description', 'Unit', 'Value'],
        'IFCQUANTITYLENGTH' => ['Name', 'Description', 'Unit', 'Value'],
        'IFCMATERIALLAYERSETUSAGE' => ['ForLayerSet', 'LayerSetDirection', 'DirectionSense', 'OffsetFromReferenceLine'],
        'IFCMATERIALLAYERSET' => ['MaterialLayers', 'LayerSetName'],
        'IFCMATERIALLAYER' => ['Material', 'LayerThickness', 'IsVentilated'],
        'IFCMATERIALLIST' => ['Materials'],
        'IFCMATERIAL' => ['Name'],
        'IFCUNITASSIGNMENT' => ['Units'],
        'IFCSIUNIT' => ['Dimensions', 'UnitType', 'Prefix', 'Name'],
        'IFCCONVERSIONBASEDUNIT' => ['Dimensions', 'UnitType', 'Name', 'ConversionFactor'],
        'IFCMEASUREWITHUNIT' => ['ValueComponent', 'UnitComponent'],
        'IFCGEOMETRICREPRESENTATIONCONTEXT' => [
            'ContextIdentifier', 'ContextType', 'CoordinateSpaceDimension', 'Precision', 'WorldCoordinateSystem', 'TrueNorth',
        ],
        'IFCLOCALPLACEMENT' => ['PlacementRelTo', 'RelativePlacement'],
        'IFCAXIS2PLACEMENT3D' => ['Location', 'Axis', 'RefDirection'],
        'IFCAXIS2PLACEMENT2D' => ['Location', 'RefDirection'],
        'IFCCARTESIANPOINT' => ['Coordinates'],
        'IFCDIRECTION' => ['DirectionRatios'],
        'IFCPRODUCTDEFINITIONSHAPE' => ['Name', 'Description', 'Representations'],
        'IFCSHAPEREPRESENTATION' => ['ContextOfItems', 'RepresentationIdentifier', 'RepresentationType', 'Items'],
        'IFCMAPPEDITEM' => ['MappingSource', 'MappingTarget'],
        'IFCREPRESENTATIONMAP' => ['MappingOrigin', 'MappedRepresentation'],
        'IFCCARTESIANTRANSFORMATIONOPERATOR3D' => ['Axis1', 'Axis2', 'LocalOrigin', 'Scale', 'Axis3'],
        'IFCCARTESIANTRANSFORMATIONOPERATOR3DNONUNIFORM' => ['Axis1', 'Axis2', 'LocalOrigin', 'Scale', 'Axis3', 'Scale2', 'Scale3'],
        'IFCEXTRUDEDAREASOLID' => ['SweptArea', 'Position', 'ExtrudedDirection', 'Depth'],
        'IFCBOOLEANCLIPPINGRESULT' => ['Operator', 'FirstOperand', 'SecondOperand'],
        'IFCBOOLEANRESULT' => ['Operator', 'FirstOperand', 'SecondOperand'],
        'IFCHALFSPACESOLID' => ['BaseSurface', 'AgreementFlag'],
        'IFCPOLYGONALBOUNDEDHALFSPACE' => ['BaseSurface', 'AgreementFlag', 'Position', 'PolygonalBoundary'],
        'IFCPLANE' => ['Position'],
        'IFCFACETEDBREP' => ['Outer'],
        'IFCCLOSEDSHELL' => ['CfsFaces'],
        'IFCOPENSHELL' => ['CfsFaces'],
        'IFCCONNECTEDFACESET' => ['CfsFaces'],
        'IFCFACEBASEDSURFACEMODEL' => ['FbsmFaces'],
        'IFCSHELLBASEDSURFACEMODEL' => ['SbsmBoundary'],
        'IFCFACE' => ['Bounds'],
        'IFCFACEOUTERBOUND' => ['Bound', 'Orientation'],
        'IFCFACEBOUND' => ['Bound', 'Orientation'],
        'IFCPOLYLOOP' => ['Polygon'],
        'IFCTRIANGULATEDFACESET' => ['Coordinates', 'Normals', 'Closed', 'CoordIndex'],
        'IFCPOLYGONALFACESET' => ['Coordinates', 'Closed', 'Faces', 'PnIndex'],
        'IFCINDEXEDPOLYGONALFACE' => ['CoordIndex'],
        'IFCINDEXEDPOLYGONALFACEWITHVOIDS' => ['CoordIndex', 'InnerCoordIndices'],
        'IFCCARTESIANPOINTLIST3D' => ['CoordList'],
        'IFCCARTESIANPOINTLIST2D' => ['CoordList'],
        'IFCPOLYLINE' => ['Points'],
        'IFCINDEXEDPOLYCURVE' => ['Points', 'Segments', 'SelfIntersect'],
        'IFCCOMPOSITECURVE' => ['Segments', 'SelfIntersect'],
        'IFCCOMPOSITECURVESEGMENT' => ['Transition', 'SameSense', 'ParentCurve'],
        'IFCTRIMMEDCURVE' => ['BasisCurve', 'Trim1', 'Trim2', 'SenseAgreement', 'MasterRepresentation'],
        'IFCCIRCLE' => ['Position', 'Radius'],
        'IFCLINE' => ['Pnt', 'Dir'],
        'IFCVECTOR' => ['Orientation', 'Magnitude'],
        'IFCRECTANGLEPROFILEDEF' => [...self::PLACED_PROFILE, 'XDim', 'YDim'],
        'IFCROUNDEDRECTANGLEPROFILEDEF' => [...self::PLACED_PROFILE, 'XDim', 'YDim', 'RoundingRadius'],
        'IFCCIRCLEPROFILEDEF' => [...self::PLACED_PROFILE, 'Radius'],
        'IFCCIRCLEHOLLOWPROFILEDEF' => [...self::PLACED_PROFILE, 'Radius', 'WallThickness'],
        'IFCISHAPEPROFILEDEF' => [...self::PLACED_PROFILE, 'OverallWidth', 'OverallDepth'],
        'IFCARBITRARYCLOSEDPROFILEDEF' => [...self::PROFILE, 'OuterCurve'],
        'IFCARBITRARYPROFILEDEFWITHVOIDS' => [...self::PROFILE, 'OuterCurve', 'InnerCurves'],
    ];

    /** Of elements that have no attributes of their own that are read. */
    private const PLAIN = self::ELEMENT;

    /** @var array<string, array<string, int>> */
    private static array $positions = [];

    public static function position(string $type, string $attribute): ?int
    {
        self::$positions[$type] ??= array_flip(self::OF[$type] ?? self::PLAIN);

        return self::$positions[$type][$attribute] ?? null;
    }
}
