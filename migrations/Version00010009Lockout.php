<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010009Lockout extends RepeatableMigration
{
    /** SHA-256 of the procedures as they came with the book before; a shop's own stay. */
    private const CAME_WITH = [
        'accessory-belt' => 'c5ca0ea68d5c450cbd71cf211c8b773f26d373a2420c6e142f050bbf12c3ac0a',
        'engine-oil' => 'a19512c8432ff1cf3fd49d36069cf3f0c373d179b537e31247c8458446010ec6',
        'external-anodes' => 'cbdbc252f36b686acd566e3601fbbd73960fde2fe98b42ed136bef47cacef5db',
        'fuel-filter' => 'b2b197aecdcc216ce6c210980ab4ae1a8bfa277eb3ff7db0c52f860615d684d4',
        'gear-lubricant' => '061493c531a6fe20d9bd20f9b8e53be0c8e8d9c88383e00888fa0a4925696e3a',
        'inspection' => '782e96096e84debf0702b80f79bfcfcea025efa7cafcd19c5cf30bd508558953',
        'internal-anodes' => '5a47d9cef7c638df06ee27b6ac0c8c0b44d019ad6732d36267b97845a968c744',
        'lubrication' => '0e519b713ab834c2785f53727076b60d89d50b03fa5a386d935b34353864a37a',
        'oil-filter' => '5d6deea98bf75853faa3b627dba9a93ae1849a7a24eb8d9c9848a12fe5ecbf77',
        'propeller-shaft' => '2012a685bbc4f5c0a142616b658db2c85022d925a7391b1fdc54004d1ee599d0',
        'spark-plugs' => '3bf1d3c21e526ef1446b3fcc54207132f59a8a010a491cd280e5d2dc68a01513',
        'thermostats' => 'aed6dd00c4340552c772111ec1101f19b4176a26942862ce25ff12c80acca9df',
        'timing-belt-check' => '1206a3e456c9f038bb66e284f7c78ea00067435b5e0cc7ac44bb9b7f2980d7af',
        'timing-belt' => '8d52fea57c7506eebf37c271d9530fb1dfcd7a8196c3dcdee50c987190acb77a',
        'valve-clearance' => '88d3074027582343130f16065213466ebfce599ffc1999af4efbeafed5c58b45',
        'visit' => 'd157307c8b8498f35f1d169e3d92f3b8067dc872402a0a3bea0c80c5c6b7d383',
        'water-pump' => '1100fb696fa66794b08ba18475ea57886a2ebe5e088c7f35a38f4610800cdb76',
    ];

    public function getDescription(): string
    {
        return 'Whether the engines of a boat share keys, lanyards or batteries';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE boat ADD COLUMN IF NOT EXISTS shared_lockout TINYINT(1) DEFAULT 0 NOT NULL
            COMMENT 'keys, lanyards or batteries serve more than one engine'");
        // the next start puts in those that know presence, what belongs together, and how the engine hangs
        $this->addSql(\sprintf("DELETE FROM procedure_document WHERE SHA2(document, 256) IN ('%s')", implode("', '", self::CAME_WITH)));
    }
}
