<?php

declare(strict_types=1);

namespace Sundial\Access;

/**
 * What somebody may do, within the sites they belong to. Which role has which right is the plant's rule, kept in one
 * place.
 */
enum Right: string
{
    case SeePlant = 'see-plant';
    case SeeOwnLine = 'see-own-line';
    case SeeCosts = 'see-costs';
    case LockCosts = 'lock-costs';
    case WriteRegister = 'write-register';
    case WritePlans = 'write-plans';
    case Release = 'release';
    case PlanOrders = 'plan-orders';
    case RaiseEmergencies = 'raise-emergencies';
    case WorkOnAnyOrder = 'work-on-any-order';
    case WorkOnOwnOrders = 'work-on-own-orders';
    case ReopenOrders = 'reopen-orders';
    case WriteParts = 'write-parts';
    case SeePrices = 'see-prices';
    /** Receive, move, count, write off and buy. */
    case KeepStores = 'keep-stores';
    /** Say that one part may be taken instead of another. */
    case AllowAlternatives = 'allow-alternatives';
    /** Take what is promised elsewhere, once asked. */
    case TakePromised = 'take-promised';
    case TakeReadings = 'take-readings';
    case ReportStops = 'report-stops';
    case Administer = 'administer';
    /** What is the same at every site: held by a flag of the person, not by a role at one of them. */
    case AdministerPlant = 'administer-plant';

    /** @return list<Role> the roles that hold this right */
    public function roles(): array
    {
        return match ($this) {
            self::SeePlant => [
                Role::Administrator,
                Role::Planner,
                Role::Supervisor,
                Role::Technician,
                Role::Storekeeper,
                Role::Engineer,
                Role::Manager,
            ],
            self::SeeOwnLine => Role::cases(),
            self::SeeCosts => [Role::Administrator, Role::Planner, Role::Supervisor, Role::Engineer, Role::Manager],
            self::LockCosts => [Role::Administrator, Role::Manager],
            self::WriteRegister, self::Release, self::PlanOrders, self::WorkOnAnyOrder => [
                Role::Administrator,
                Role::Planner,
                Role::Supervisor,
            ],
            self::WritePlans => [Role::Administrator, Role::Planner],
            self::WriteParts => [Role::Administrator, Role::Planner, Role::Storekeeper],
            // What a part costs is a storekeeper's business; what an order or an hour costs is not.
            self::SeePrices => [
                Role::Administrator,
                Role::Planner,
                Role::Supervisor,
                Role::Storekeeper,
                Role::Engineer,
                Role::Manager,
            ],
            self::KeepStores => [Role::Administrator, Role::Storekeeper],
            self::AllowAlternatives => [Role::Administrator, Role::Planner, Role::Engineer],
            self::TakePromised => [Role::Administrator, Role::Planner, Role::Supervisor, Role::Storekeeper],
            self::WorkOnOwnOrders => [Role::Administrator, Role::Planner, Role::Supervisor, Role::Technician],
            self::RaiseEmergencies => [
                Role::Administrator,
                Role::Planner,
                Role::Supervisor,
                Role::Technician,
                Role::Engineer,
            ],
            self::ReopenOrders => [Role::Administrator, Role::Supervisor],
            self::TakeReadings => [
                Role::Administrator,
                Role::Planner,
                Role::Supervisor,
                Role::Technician,
                Role::Storekeeper,
                Role::Operator,
                Role::Engineer,
            ],
            self::ReportStops => [
                Role::Administrator,
                Role::Planner,
                Role::Supervisor,
                Role::Technician,
                Role::Storekeeper,
                Role::Operator,
                Role::Engineer,
            ],
            self::Administer => [Role::Administrator],
            self::AdministerPlant => [],
        };
    }

    /** @param  iterable<Role>  $held */
    public function isHeldBy(iterable $held): bool
    {
        foreach ($held as $role) {
            if (in_array($role, $this->roles(), true)) {
                return true;
            }
        }

        return false;
    }
}
