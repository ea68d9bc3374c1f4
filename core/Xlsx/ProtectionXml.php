<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\OrderGuard;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Package\PackageXml;

/** How a worksheet and the order of a workbook's sheets are protected (ISO/IEC 29500-1 18.3.1.85, 18.2.29). */
final class ProtectionXml
{
    public static function of(?DOMElement $element): Protection
    {
        if ($element === null) {
            return new Protection;
        }
        $allowed = [];
        foreach (Allowance::cases() as $one) {
            $isForbidden = PackageXml::isOn($element, $one->xlsx(), $one->isForbiddenUnsaid());
            // Objects and scenarios are allowed unless something else is said; what is allowed is told where it is not the usual.
            $isForbidden || in_array($one, [Allowance::Objects, Allowance::Scenarios], true) || $allowed[] = $one;
        }

        return new Protection($allowed, self::password($element, '', 'password'));
    }

    public static function order(?DOMElement $element): OrderGuard
    {
        return $element !== null && PackageXml::isOn($element, 'lockStructure')
            ? new OrderGuard(true, self::password($element, 'workbook', 'workbookPassword')) : new OrderGuard;
    }

    /** @return array<string, string> */
    public static function attributes(Protection $protection): array
    {
        $says = ['sheet' => '1', 'objects' => '1', 'scenarios' => '1'];
        foreach (Allowance::cases() as $one) {
            $isForbidden = ! $protection->allows($one);
            if (! in_array($one, [Allowance::Objects, Allowance::Scenarios], true) && $isForbidden !== $one->isForbiddenUnsaid()) {
                $says[$one->xlsx()] = $isForbidden ? '1' : '0';
            }
        }
        foreach ([Allowance::Objects, Allowance::Scenarios] as $one) {
            if ($protection->allows($one)) {
                unset($says[$one->xlsx()]);
            }
        }

        return self::said($protection->password, '', 'password') + $says;
    }

    /** @return array<string, string> */
    public static function orderAttributes(OrderGuard $guard): array
    {
        return self::said($guard->password, 'workbook', 'workbookPassword') + ['lockStructure' => '1'];
    }

    /** @param  array<string, string>  $attributes */
    public static function xml(string $name, array $attributes): string
    {
        $xml = '';
        foreach ($attributes as $attribute => $value) {
            $xml .= " $attribute=\"".htmlspecialchars($value, ENT_XML1 | ENT_COMPAT).'"';
        }

        return "<$name$xml/>";
    }

    /** The element says that a sheet is protected so; else it is made to. */
    public static function on(DOMElement $element, Protection $protection): void
    {
        $names = [...array_map(fn (Allowance $one) => $one->xlsx(), Allowance::cases()), 'sheet', 'password', 'algorithmName', 'hashValue',
            'saltValue', 'spinCount'];
        foreach ($names as $name) {
            $element->removeAttribute($name);
        }
        foreach (self::attributes($protection) as $name => $value) {
            $element->setAttribute($name, $value);
        }
    }

    private static function password(DOMElement $element, string $prefix, string $legacy): ?Password
    {
        $name = fn (string $word) => $prefix === '' ? $word : $prefix.ucfirst($word);
        if ($element->getAttribute($name('hashValue')) !== '') {
            $spins = $element->getAttribute($name('spinCount'));

            return new Password($element->getAttribute($name('algorithmName')) ?: 'SHA-512', $element->getAttribute($name('hashValue')),
                $element->getAttribute($name('saltValue')), is_numeric($spins) ? (int) min((float) $spins, PHP_INT_MAX >> 8) : 0);
        }
        $sum = $element->getAttribute($legacy);

        return preg_match('/^[0-9A-Fa-f]{1,4}$/', $sum) === 1 && hexdec($sum) !== 0 ? new Password(Password::LEGACY, $sum) : null;
    }

    /** @return array<string, string> */
    private static function said(?Password $password, string $prefix, string $legacy): array
    {
        $name = fn (string $word) => $prefix === '' ? $word : $prefix.ucfirst($word);

        return match (true) {
            $password === null || ! $password->isOfXlsx() => [],
            $password->algorithm === Password::LEGACY => [$legacy => $password->hash],
            default => array_filter([$name('algorithmName') => $password->algorithm, $name('hashValue') => $password->hash,
                $name('saltValue') => $password->salt], fn (string $value) => $value !== '')
                + [$name('spinCount') => (string) $password->spins],
        };
    }
}
