<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\Test;

/** From the first word on the telephone to the invoice. */
final class QuotePathTest extends BrowserTestCase
{
    #[Test]
    public function what_is_asked_on_the_telephone_ends_as_an_invoice_at_the_price_that_was_said(): void
    {
        $this->visit('/orders/ask');
        $this->type('#pieces', '20');
        $this->type('#stitches', '6000');
        $this->sees('each');
        $this->press('Save');
        $this->sees('Choose the customer');
        $this->type('#quote-customer', 'Quay café');
        $this->press('Save');
        $this->sees('saved for Quay café');
        $price = $this->browser->findElement(WebDriverBy::xpath('//tr[contains(., "Quay café")]/td[4]'))->getText();
        self::assertMatchesRegularExpression('/^\d[\d\x{202f}]*\.\d\d$/u', $price);

        // Somebody wants more of them: a second version, and the first is replaced.
        $this->press('New version');
        $this->sees('a new version of Q-');
        $this->type('#pieces', '24');
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => str_contains($this->textOf('#asked'), '24 garments')
                    || $this->attribute('#asked input[name=pieces]', 'value') === '24',
            );
        $this->press('Save');
        $this->sees('version 2 saved for Quay café');
        $this->sees('replaced');
        $price = $this->browser->findElement(WebDriverBy::xpath('//tr[contains(., "version 2")]/td[4]'))->getText();
        $this->find("[aria-label$='version 2 is accepted']")->click();
        $this->sees('its price is agreed');
        self::assertSame('Quay café', $this->find('#customer')->getAttribute('value'));
        $this->choose('#l0-garment', 'apron');
        $this->choose('#l0-fabric', 'canvas');
        $this->type('#l0-colour', 'ecru');
        $this->type('#l0-one', '24');
        $this->choose('#l0-p0', 'centre');
        $option = $this->browser
            ->findElement(WebDriverBy::xpath('//select[@id="l0-a0"]/option[.="Loaf and moon"]'))
            ->getAttribute('value');
        $this->choose('#l0-a0', (string) $option);
        // A mistake first: the quote is not lost over it.
        $this->press('Save order');
        $this->sees('Enter the due date.');
        $this->set('#due_date', '2026-03-25');
        $this->press('Save order');
        $this->sees('saved.');
        $order = (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
        $this->customerIsKnown();
        $this->visit($order);
        $this->press('Money');
        $this->sees($price);
        $this->press('Invoice');
        $this->sees('written.');
        $this->sees($price);
        $this->paidInTwoParts();
        $this->visit('/orders/quotes');
        $this->sees('order 10');
    }

    /** From the order to the customer: a mistake is said at its field, and what was typed beside it stays. */
    private function customerIsKnown(): void
    {
        $this->find('h1 a')->click();
        $this->sees('No address yet.');
        $this->press('Change');
        $this->type('#email', 'quay');
        $this->type('#invoice_address-street', 'Quay 4');
        $this->type('#invoice_address-city', 'Ullenmere');
        $this->choose('#invoice_address-country', 'IE');
        $this->press('Save customer');
        $this->sees('Enter an e-mail address such as');
        self::assertSame('Quay 4', $this->find('#invoice_address-street')->getAttribute('value'));
        $this->type('#email', 'desk@quay.example');
        $this->press('Save customer');
        $this->sees('Customer saved.');
        $this->sees('Quay 4');
    }

    private function paidInTwoParts(): void
    {
        $this->find('details:has(input[name=paid]) > summary')->click();
        $paid = $this->find('input[name=paid]');
        $open = (float) $paid->getAttribute('value');
        $paid->clear()->sendKeys((string) ($open + 1));
        $this->press('Log payment');
        $this->sees('At most');
        $this->find('input[name=paid]')->clear()->sendKeys('10');
        $this->press('Log payment');
        $this->sees('logged.');
        $this->find('details:has(input[name=paid]) > summary')->click();
        self::assertEqualsWithDelta($open - 10, (float) $this->find('input[name=paid]')->getAttribute('value'), 0.001);
        $this->press('Log payment');
        $this->sees('Paid.');
    }
}
