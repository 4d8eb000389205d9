<?php

declare(strict_types=1);

namespace Sundial\Access;

/** What a person does at the plant; one person may hold several. */
enum Role: string
{
    case Administrator = 'administrator';
    case Planner = 'planner';
    case Supervisor = 'supervisor';
    case Technician = 'technician';
    case Storekeeper = 'storekeeper';
    case Operator = 'operator';
    case Engineer = 'engineer';
    case Manager = 'manager';
}
