<x-keypad :types="App\Stations\Prove\ProvePage::KEYS" />
