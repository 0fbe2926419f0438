import "@testing-library/jest-dom";
